# ./facelift start --lan: over TLS on the local network, for phones under test. Without it nothing but this machine
# reaches the application.

lan_address() { # the address by which this machine is known in its network; FACELIFT_LAN_ADDRESS names another
    if [ -n "${FACELIFT_LAN_ADDRESS:-}" ]; then
        printf '%s\n' "$FACELIFT_LAN_ADDRESS"
    else
        hostname -I 2>/dev/null | tr ' ' '\n' | grep -m1 -E '^[0-9.]+$'
    fi
}

lan_certificate() { # lan_certificate ADDRESS: made once for it, kept with the data
    local folder="$VAR/tls"
    mkdir -p -m 700 "$folder"
    if [ ! -f "$folder/key.pem" ] || [ "$(cat "$folder/address" 2>/dev/null)" != "$1" ]; then
        (umask 077 && openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 397 \
            -subj '/CN=Facelift' -addext "subjectAltName=IP:$1,IP:127.0.0.1,DNS:localhost" \
            -keyout "$folder/key.pem" -out "$folder/cert.pem" 2>"$VAR/log/tls.log") || die "no certificate could be made; see $VAR/log/tls.log"
        printf '%s\n' "$1" >"$folder/address"
    fi
}

lan_fingerprint() { openssl x509 -in "$VAR/tls/cert.pem" -noout -fingerprint -sha256 | cut -d= -f2; }

lan_open() { # sets what nginx and php-fpm need; to be called before they are written
    LAN=$(lan_address)
    [[ "$LAN" =~ ^[0-9]+\.[0-9]+\.[0-9]+\.[0-9]+$ ]] || die "no address in a local network was found; name one with FACELIFT_LAN_ADDRESS=…"
    lan_certificate "$LAN"
    export SESSION_SECURE=1 SANCTUM_STATEFUL_DOMAINS="$LAN,$LAN:*,localhost,localhost:*,127.0.0.1,127.0.0.1:*"
}

lan_says() {
    printf '  In this network: https://%s:%s/\n' "$LAN" "$PORT"
    printf '  Its certificate is its own: a browser warns, and shows this SHA-256 fingerprint if it is the right one:\n    %s\n' "$(lan_fingerprint)"
    printf '  This opens the sign-in page to everybody in this network, and to a phone under test the page whose code it\n'
    printf '  has scanned. The demo accounts share one password: use it among people you know, and end it after the test.\n\n'
}
