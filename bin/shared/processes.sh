# What runs and what an earlier start left behind.

# alive PID : true while the process does something; one that ended and that nobody asked after has no command line any more.
alive() { [ -n "$1" ] && grep -qa . "/proc/$1/cmdline" 2>/dev/null; }

# runs PID WORD : true when the process is alive and has the word in its command line.
runs() { alive "$1" && tr '\0' ' ' <"/proc/$1/cmdline" | grep -qF -- "$2"; }

# pid_in FILE : the number a pid file holds, or nothing.
pid_in() { cat "$1" 2>/dev/null || true; }
