import { useQuery } from "@tanstack/react-query";
import { request } from "../api/http";
import { Panel } from "../shared/Panel";
import classes from "./Shop.module.css";

/** How a tablet comes to the app: the certificate once, then the address. */
export function Tablets() {
  const lan = useQuery({ queryKey: ["lan"], queryFn: () => request("GET", "/api/lan") });
  if (!lan.data) {
    return null;
  }
  const { address, code, certificate, certificateCode, fingerprint } = lan.data;
  if (!address) {
    return (
      <Panel title="Tablets">
        <p>
          Yunque answers on this machine only. To reach it from tablets in the shop’s network, start it with{" "}
          <code>./yunque start --lan</code>.
        </p>
      </Panel>
    );
  }
  return (
    <Panel title="Tablets" aside="read a code with the tablet’s camera">
      <div className={classes.codes}>
        {certificate && (
          <figure>
            <img src={certificateCode} alt={`Code of ${certificate}`} width={180} height={180} />
            <figcaption>
              First, once: take the certificate at <br />
              <b>{certificate}</b>
            </figcaption>
          </figure>
        )}
        <figure>
          <img src={code} alt={`Code of ${address}`} width={180} height={180} />
          <figcaption>
            {certificate ? "Then: open the app at" : "Open the app at"} <br />
            <b>{address}</b>
          </figcaption>
        </figure>
      </div>
      {fingerprint && (
        <p className={classes.soft}>
          The certificate’s fingerprint, to be compared with what the tablet shows (SHA-256): <br />
          <code>{fingerprint}</code>
        </p>
      )}
    </Panel>
  );
}
