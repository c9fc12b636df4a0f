import { pricePerTrimmedKg, sizePiece, usualCount, type Cut } from '../pieces';
import type { BatchInputs, Pins } from './inputs';
import type { PiecePlan } from './plan';

/** At least this share of a trimmed piece is meat, however its bones were weighed. */
const MEAT_LEAST = 0.2;

/** The piece as it lies: what comes off, what of it is bone, how large the meat is. */
export function planPiece({ massG, heightMm, people, pins }: BatchInputs, cut: Cut): PiecePlan {
  const loss = pins.readyToCut ? { from: 0, to: 0 } : cut.trimLoss;
  const trimmedG = pins.trimmedG ?? massG * (1 - (loss.from + loss.to) / 2);
  const bone = boneOf(cut, pins, trimmedG);
  const meatG = Math.max(MEAT_LEAST * trimmedG, trimmedG - (bone ? (bone.from + bone.to) / 2 : 0));
  const pieces = pins.pieces ?? usualCount(cut, trimmedG);
  // Weighed after trimming, it can be no more than it was before; a slip of the scale is not passed on into the price.
  const price =
    pins.pricePerKg === undefined ? undefined : pricePerTrimmedKg(pins.pricePerKg, Math.max(massG, meatG), meatG);
  return {
    ...sizePiece(cut, meatG / pieces, heightMm, pins),
    massG,
    trimmedG,
    meatG,
    ...(bone ? { boneG: bone } : {}),
    trimLossG: { from: massG * loss.from, to: massG * loss.to },
    perPersonG: meatG / people,
    pieces,
    ...(price === undefined ? {} : { pricePerTrimmedKg: price, pricePerPerson: (price * meatG) / 1000 / people }),
  };
}

function boneOf({ boneShare }: Cut, { boneG }: Pins, trimmedG: number): PiecePlan['boneG'] {
  if (boneG !== undefined && (boneG > 0 || boneShare)) return { from: boneG, to: boneG, weighed: true };
  return boneShare && { from: boneShare.from * trimmedG, to: boneShare.to * trimmedG, weighed: false };
}
