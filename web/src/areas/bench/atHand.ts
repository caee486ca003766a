// How much time is at hand: what there is to choose from, and how it is said.
import { t } from "../../locales/bench";
export const CHOICES = [15, 30, 40, 60, 90, 120, 180, 240];
export const words = (minutes: number) =>
  minutes < 60
    ? t("atHand.minutes", { minutes })
    : minutes % 60
      ? `${Math.floor(minutes / 60)} h ${minutes % 60}`
      : `${minutes / 60} h`;
