export { BANK_CARD, type CardTrouble, type FaceBesideCard, faceBesideCard } from "./besideCard.ts";
