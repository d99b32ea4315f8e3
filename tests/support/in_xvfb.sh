#!/bin/sh
# Runs a command in a virtual display with a window manager.
exec xvfb-run -a -s "-screen 0 1280x800x24" sh -c 'openbox --sm-disable >/dev/null 2>&1 & sleep 0.5; "$@"; code=$?; kill %1 2>/dev/null; exit $code' sh "$@"
