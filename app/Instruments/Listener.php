<?php

declare(strict_types=1);

namespace App\Instruments;

/** Listens to whatever pages want to hear of, and to nothing else. */
final class Listener
{
    /** s between two looks at what is wanted, and two tellings */
    private const TURN = 0.5;

    /** @var array<string, Ear> by address */
    private array $ears = [];

    private float $turned = 0.0;

    public function __construct(private readonly Board $board)
    {
    }

    /**
     * A turn: waits for something to hear, for half a second at most.
     *
     * @param  \Closure(): iterable<Address>  $addresses  that shops registered
     */
    public function turn(\Closure $addresses): void
    {
        $now = microtime(true);
        if ($now - $this->turned >= self::TURN) {
            $this->turned = $now;
            $this->listenTo($addresses(), $now);
        }
        $read = array_filter(array_map(static fn (Ear $ear) => $ear->stream(), $this->ears));
        $none = null;
        if ($read === []) {
            usleep((int) (self::TURN * 1e6));
        } elseif ((int) @stream_select($read, $none, $none, 0, (int) (self::TURN * 1e6)) > 0) {
            foreach (array_keys($read) as $url) {
                $this->ears[$url]->take(microtime(true));
            }
        }
    }

    /** @param  iterable<Address>  $addresses */
    private function listenTo(iterable $addresses, float $now): void
    {
        $wanted = [];
        foreach ($addresses as $address) {
            if ($this->board->isWanted($address)) {
                $wanted[$address->url()] = $ear = $this->ears[$address->url()] ?? new Ear($address);
                $ear->open($now);
                $this->board->tell($address, $ear->heard($now));
            }
        }
        foreach (array_diff_key($this->ears, $wanted) as $ear) {
            $ear->shut();
        }
        $this->ears = $wanted;
    }
}
