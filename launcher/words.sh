# What the launcher says. No step ends without a sentence: a failure nobody foresaw says what was being done and what to do.

# Programs called from here must write and sort alike on every machine.
export LC_ALL=C.UTF-8

now="reading its own files"
way_out=""

say() { printf '%s\n' "$*"; }

# step WHAT [WHAT-TO-DO]: what is being done from here on, for the sentence of a failure nobody foresaw.
step() {
    now=$1
    way_out=${2:-}
}

# A sentence, and the end. Inside $( ) only that part ends; the status 70 tells the caller that the sentence was said.
fail() {
    printf 'yunque: %s\n' "$*" >&2
    [ "$BASH_SUBSHELL" = 0 ] || exit 70
    exit 1
}

# unforeseen STATUS COMMAND: called by the ERR trap.
unforeseen() {
    [ "$BASH_SUBSHELL" = 0 ] || exit "$1"
    [ "$1" != 70 ] || exit 1
    fail "stopped while $now: ‘$2’ ended with status $1.${way_out:+ $way_out} ./yunque doctor tells what is there."
}
