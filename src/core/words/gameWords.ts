import { isGame, type Animal } from '../pieces';
import { GAME_JERKY_FREEZE, minimumTemperature } from '../safety';
import { formatTemperature, type FormatStyle } from '../units';

/** What is said of game beside its temperature; nothing for other animals. */
export function gameWords(animal: Animal, style: FormatStyle): string | undefined {
  if (!isGame(animal)) return undefined;
  const { tempC } = minimumTemperature(animal, { treatment: 'whole', backInThePan: false });
  const parasites =
    animal === 'boar' || animal === 'bear'
      ? `Never below ${formatTemperature(tempC, style)} at the centre; freezing does not make it safe. `
      : '';
  return `${parasites}For jerky many services advise freezing it first, ${GAME_JERKY_FREEZE.days} days at ${formatTemperature(GAME_JERKY_FREEZE.tempC, style)}; usual guidance, from memory.`;
}
