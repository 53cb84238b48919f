// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { Tablets } from "./Tablets";

const PICTURE = "data:image/png;base64,AA==";

describe("how a tablet comes to the app", () => {
  it("says how to serve the network while it is not served", async () => {
    serverThatAnswers({ "/api/lan": {} });
    show(<Tablets />);
    expect(await screen.findByText("./yunque start --lan")).toBeVisible();
    expect(screen.queryByRole("img")).toBeNull();
  });

  it("shows the certificate first, then the address", async () => {
    serverThatAnswers({
      "/api/lan": {
        address: "https://192.168.1.20:8743",
        code: PICTURE,
        certificate: "http://192.168.1.20:8744/certificate",
        certificateCode: PICTURE,
        fingerprint: "AB CD EF",
      },
    });
    show(<Tablets />);
    const codes = await screen.findAllByRole("img");
    expect(codes.map((c) => c.getAttribute("alt"))).toEqual([
      "Code of http://192.168.1.20:8744/certificate",
      "Code of https://192.168.1.20:8743",
    ]);
    expect(screen.getByText("AB CD EF")).toBeVisible();
  });

  it("asks for no certificate where devices trust it already", async () => {
    serverThatAnswers({ "/api/lan": { address: "https://gears.example", code: PICTURE } });
    show(<Tablets />);
    expect(await screen.findByText(/Open the app at/)).toBeVisible();
    expect(screen.getAllByRole("img")).toHaveLength(1);
  });
});
