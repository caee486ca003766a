// A caution as it stands at a step: what can happen, what to wear, where the waste goes. What there is not is not said.
import Typography from "@mui/material/Typography";
import { t } from "../locales/kit";

type Props = { caution: { text: string; wear?: string | null; waste?: string | null } };

export function CautionText({ caution }: Props) {
  return (
    <>
      <Typography variant="body2">{caution.text}</Typography>
      {(caution.wear || caution.waste) && (
        <Typography variant="body2">
          {caution.wear && (
            <>
              <b>{t("cautionText.wear")} </b>
              {`${caution.wear}. `}
            </>
          )}
          {caution.waste && (
            <>
              <b>{t("cautionText.waste")} </b>
              {`${caution.waste}.`}
            </>
          )}
        </Typography>
      )}
    </>
  );
}
