export {
  type CardDrill,
  type CardLift,
  type CardRamp,
  type CardRampRow,
  type CardView,
  cardView,
} from "./card-view";
