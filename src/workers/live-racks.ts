import { type LiveRack, orderRack, type RackQuestion } from "@/core/floor";
import { answer } from "./answer";

answer<readonly RackQuestion[], LiveRack[]>((questions, _, tell) => tell(questions.map(orderRack)));
