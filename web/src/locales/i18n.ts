// The words of the interface: one catalog for each area in en-US/, and in en-GB/ what British English says
// differently. The page says which of the two it is in (lang of the document).
import i18n from "i18next";

void i18n.init({
  lng: document.documentElement.lang,
  fallbackLng: "en-US",
  initAsync: false, // catalogs come with the scripts that use them
  resources: {},
  interpolation: { escapeValue: false }, // React does that
});

export { i18n };
