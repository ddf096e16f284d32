# Lanes of the test run: each with a folder, a database and stand-ins of its own, so that they can run side by side.
# Needs common.sh and services.sh, and MariaDB up.

# in_lane NAME COMMAND…: runs a command with the lane's own folder, in this process: call it in a subshell.
in_lane() {
    local name=$1
    shift
    VAR="$VAR/$name"
    DATA="$DATA/$name"
    RUN="$RUN/$name"
    mkdir -p -m 700 "$RUN"
    mkdir -p "$VAR/log"
    export FACELIFT_VAR="$VAR" FACELIFT_RUN="$RUN" FACELIFT_DATA="$DATA" LOG_FILE="$VAR/log/facelift.log" FACELIFT_PHOTOS="$VAR/photos"
    "$@"
}

# stop_lane NAME: ends what runs in a lane, but not the database that all share.
stop_lane() {
    (in_lane "$1" stop_beside_database)
}

# beside NAME COMMAND…: begins a lane; its output is kept until `together` prints it.
LANES=()
beside() {
    local name=$1
    shift
    rm -f "$VAR/$name.failed" "$VAR/$name.done"
    (
        FAILED=()
        "$@"
        [ ${#FAILED[@]} -eq 0 ] || printf '%s\n' "${FAILED[@]}" >"$VAR/$name.failed"
        : >"$VAR/$name.done"
    ) >"$VAR/log/$name.log" 2>&1 &
    LANES+=("$name:$!")
}

# together: waits for every lane that was begun, prints what it said, and takes over what failed in it. What failed is
# printed last: where only the end of a long output is kept, the end has to be the reason.
together() {
    local lane name failed wrong=()
    for lane in "${LANES[@]}"; do
        name=${lane%%:*}
        wait "${lane##*:}"
        # A lane that was cut off has not passed.
        [ -f "$VAR/$name.done" ] || { FAILED+=("the lane $name"); : >>"$VAR/$name.failed"; }
        if [ -f "$VAR/$name.failed" ]; then
            while read -r failed; do FAILED+=("$failed"); done <"$VAR/$name.failed"
            wrong+=("$name")
        else
            cat "$VAR/log/$name.log"
        fi
        rm -f "$VAR/$name.done" "$VAR/$name.failed"
    done
    for name in "${wrong[@]}"; do
        cat "$VAR/log/$name.log"
        REASONS+=("$VAR/log/$name.log")
    done
    LANES=()
}

# reasons: the lines of the lanes that failed which say what and why, and no more of them than a screen holds.
REASONS=()
reasons() {
    local log
    for log in "${REASONS[@]}"; do
        grep -hE '^ +[0-9]+\) |^ +(Error|Expected|Received|Locator|Timeout|Call log|Test timeout)[: ]|^There w|^[0-9]+\) |^Failed|FAILED' \
            "$log" | cut -c1-200 | head -24
    done
}
