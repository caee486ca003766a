// What is shown when a screen could not be opened: most often because a newer version has been built meanwhile.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Component, type ReactNode } from "react";
import { Empty } from "../kit/Empty";

// React asks for a class where an error below is to be caught.
export class Unbroken extends Component<{ children: ReactNode }, { broken: boolean }> {
  state = { broken: false };

  static getDerivedStateFromError = () => ({ broken: true });

  render() {
    return this.state.broken ? <Broken /> : this.props.children;
  }
}

function Broken() {
  return (
    <Box component="main" sx={{ p: { xs: 2, md: 3.5 } }}>
      <Empty title="This screen could not be opened">
        <span role="alert">
          Nothing you recorded is lost. Load the page anew; if it stays like this, start the server again.
        </span>
        <Button variant="contained" onClick={() => window.location.reload()}>
          Load anew
        </Button>
      </Empty>
    </Box>
  );
}
