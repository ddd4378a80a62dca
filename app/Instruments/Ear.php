<?php

declare(strict_types=1);

namespace App\Instruments;

use Dinghy\Sentence\Heard;
use Dinghy\Sentence\Watch;

/** A connection to one address, opened again when it breaks. */
final class Ear
{
    private const AGAIN = 1.0;

    /** bytes at a time */
    private const PIECE = 8192;

    /** @var resource|null */
    private $stream = null;

    private ?Watch $watch = null;

    private float $tried = 0.0;

    public function __construct(public readonly Address $address)
    {
    }

    /** @return resource|null what to wait on; null: it is shut */
    public function stream()
    {
        return $this->stream;
    }

    /** Opens it, where it is shut and was not tried just now. */
    public function open(float $now): void
    {
        if ($this->stream !== null || $now - $this->tried < self::AGAIN) {
            return;
        }
        $this->tried = $now;
        $stream = $this->address->isUdp
            ? @stream_socket_server($this->address->url(), flags: STREAM_SERVER_BIND)
            : @stream_socket_client($this->address->url(), timeout: 0.5);
        if ($stream !== false) {
            stream_set_blocking($stream, false);
            $this->stream = $stream;
            // A line that broke and came back goes on where it was: what was silent stays told.
            $this->watch ??= new Watch($now);
        }
    }

    /** Takes what has come. */
    public function take(float $now): void
    {
        $bytes = $this->stream === null ? '' : ($this->address->isUdp ? @stream_socket_recvfrom($this->stream, self::PIECE) : @fread($this->stream, self::PIECE));
        if (is_string($bytes) && $bytes !== '') {
            $this->watch?->hear($bytes, $now);
        } elseif ($this->stream !== null && ! $this->address->isUdp && ($bytes === false || feof($this->stream))) {
            $this->shut();
        }
    }

    /** @return Heard|null null: nobody answers there */
    public function heard(float $now): ?Heard
    {
        return $this->watch?->heard($now);
    }

    public function shut(): void
    {
        $this->stream === null || fclose($this->stream);
        $this->stream = null;
    }
}
