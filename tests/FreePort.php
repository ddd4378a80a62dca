<?php

declare(strict_types=1);

namespace Tests;

/** A port of loopback that nothing listens on just now. */
final class FreePort
{
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No free port on loopback.');

        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }
}
