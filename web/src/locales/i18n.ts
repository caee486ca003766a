// The words of the interface: one catalog for each area in en-US/, which comes with the scripts of the area, and in
// en-GB/ what British English says differently. Which of the two is used follows the workshop's country; the device
// remembers it, as words are needed before the workshop has answered.
import i18n from "i18next";

const KEPT = "kohlrabi language";
const BRITISH = "en-GB";
const language = localStorage.getItem(KEPT) ?? document.documentElement.lang;

void i18n.init({
  lng: language,
  fallbackLng: "en-US",
  initAsync: false, // catalogs come with the scripts that use them
  resources: {},
  interpolation: { escapeValue: false }, // React does that
});

// Loads what the chosen language says differently; to be awaited before any screen is.
export async function loadWords(): Promise<void> {
  document.documentElement.lang = language;
  if (language !== BRITISH) return;
  const { areas } = await import("./en-GB");
  for (const [area, words] of Object.entries(areas)) i18n.addResourceBundle(BRITISH, area, words);
}

// The workshop's language: another one than before is remembered, and the page begins again in it.
export function speak(chosen: string): void {
  if (chosen === language) return;
  localStorage.setItem(KEPT, chosen);
  window.location.reload();
}

export { i18n };
