# The shop's network: a local authority made once, a certificate of this machine signed by it, and the ports they are served at.

lan_wanted=no

# The number by which this machine is known in the shop's network.
own_number() {
    local number
    number=$(hostname -I 2>/dev/null | tr ' ' '\n' | grep -m1 -E '^[0-9]+(\.[0-9]+){3}$' || true)
    [ -n "$number" ] || fail "this machine has no number in a network. Say the name or number by which tablets reach it: ./yunque start --lan=192.168.1.20"
    printf '%s' "$number"
}

tool() { "$JAVA_HOME/bin/keytool" "$@" 2>>"$state/lan.log"; }

# The shop's own authority. Its key stays here; devices take its certificate.
have_authority() {
    if [ -f "$state/authority.p12" ] && [ -f "$state/authority.crt" ]; then return; fi
    step "making the shop's own authority" "The log is $state/lan.log."
    rm -f "$state/authority.p12" "$state/certificate.p12"
    new_password "$state/lan.password"
    tool -genkeypair -alias authority -keyalg EC -groupname secp256r1 -sigalg SHA256withECDSA -validity 3650 \
        -dname "CN=Yunque authority of this shop" -ext bc:critical=ca:true,pathlen:0 -ext ku:critical=keyCertSign,cRLSign \
        -storetype PKCS12 -keystore "$state/authority.p12" -storepass "$(cat "$state/lan.password")"
    tool -exportcert -rfc -alias authority -keystore "$state/authority.p12" -storepass "$(cat "$state/lan.password")" -file "$state/authority.crt"
    chmod 600 "$state/authority.p12" "$state/lan.password"
}

# have_certificate NAME: of this machine, by the name or number tablets ask for; anew where that has changed or it ends within a month.
have_certificate() {
    local kind=dns password
    if [[ "$1" =~ ^[0-9.]+$ ]]; then kind=ip; fi
    if [ -f "$state/certificate.p12" ] && [ "$(cat "$state/certificate.name" 2>/dev/null)" = "$1" ] &&
        [ -n "$(find "$state/certificate.p12" -mtime -360)" ]; then
        return
    fi
    step "making the certificate of this machine" "The log is $state/lan.log."
    password=$(cat "$state/lan.password")
    rm -f "$state/certificate.p12"
    tool -genkeypair -alias yunque -keyalg EC -groupname secp256r1 -validity 390 -dname "CN=$1" \
        -storetype PKCS12 -keystore "$state/certificate.p12" -storepass "$password"
    tool -certreq -alias yunque -keystore "$state/certificate.p12" -storepass "$password" |
        tool -gencert -rfc -alias authority -validity 390 -ext "san=$kind:$1" -ext eku=serverAuth -ext ku:critical=digitalSignature \
            -keystore "$state/authority.p12" -storepass "$password" >"$state/certificate.crt"
    tool -importcert -noprompt -alias authority -file "$state/authority.crt" -keystore "$state/certificate.p12" -storepass "$password"
    tool -importcert -noprompt -alias yunque -file "$state/certificate.crt" -keystore "$state/certificate.p12" -storepass "$password"
    chmod 600 "$state/certificate.p12"
    printf '%s' "$1" >"$state/certificate.name"
}

# What the app is told of the network, where it is wanted; nothing otherwise.
serve_lan() {
    rm -f "$state/lan" "$state/lan.certificate"
    local port
    if [ "$lan_wanted" = no ]; then
        # The port alone is a wish for later; the app would take it for a network to serve.
        unset YUNQUE_LAN_PORT
        return
    fi
    [[ "$lan_wanted" =~ ^[A-Za-z0-9]([A-Za-z0-9.-]*[A-Za-z0-9])?$ ]] ||
        fail "‘$lan_wanted’ is no name or number of a machine. Say it alone, as in ./yunque start --lan=192.168.1.20"
    port=$(free_port "${YUNQUE_LAN_PORT:-8743}")
    # The certificate is handed out at the port after it.
    until port_is_free $((port + 1)); do port=$(free_port $((port + 2))); done
    if [ -n "${YUNQUE_TLS_KEYSTORE:-}" ]; then
        [ -r "$YUNQUE_TLS_KEYSTORE" ] || fail "cannot read the certificate $YUNQUE_TLS_KEYSTORE. It is a PKCS #12 file with its key, its password in YUNQUE_TLS_PASSWORD."
        export YUNQUE_LAN_KEYSTORE=$YUNQUE_TLS_KEYSTORE YUNQUE_LAN_PASSWORD=${YUNQUE_TLS_PASSWORD:-}
    else
        have_authority
        have_certificate "$lan_wanted"
        YUNQUE_LAN_PASSWORD=$(cat "$state/lan.password")
        export YUNQUE_LAN_KEYSTORE=$state/certificate.p12 YUNQUE_LAN_AUTHORITY=$state/authority.crt YUNQUE_LAN_PASSWORD
    fi
    export YUNQUE_LAN_PORT=$port YUNQUE_LAN_ADDRESS=$lan_wanted
    printf '%s:%s' "$lan_wanted" "$port" >"$state/lan"
    printf '%s:%s' "$lan_wanted" $((port + 1)) >"$state/lan.certificate"
}
