<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Shop;
use App\Settings\InstrumentKind;

/** Where an instrument is listened to: only what a shop registered. */
final readonly class Address
{
    private function __construct(
        public string $name,
        public bool $isUdp,
        public string $host,
        public int $port,
    ) {
    }

    /** @return list<self> */
    public static function of(Shop $shop): array
    {
        $addresses = [];
        foreach ($shop->settings()->instruments as $one) {
            $kind = InstrumentKind::from($one['kind']);
            if ($kind === InstrumentKind::Network || $kind === InstrumentKind::NetworkUdp) {
                $addresses[] = new self($one['name'], $kind === InstrumentKind::NetworkUdp, $one['host'], $one['port']);
            }
        }

        return $addresses;
    }

    /** @return self|null null: the shop has none of that name */
    public static function named(Shop $shop, string $name): ?self
    {
        foreach (self::of($shop) as $address) {
            if ($address->name === $name) {
                return $address;
            }
        }

        return null;
    }

    /** @return self|null of a hand meter; null: the shop has none of that name */
    public static function meterNamed(Shop $shop, string $name): ?self
    {
        foreach ($shop->settings()->instruments as $one) {
            if ($one['name'] === $name && InstrumentKind::from($one['kind']) === InstrumentKind::Meter) {
                return new self($one['name'], false, $one['host'], $one['port']);
            }
        }

        return null;
    }

    /** As streams are opened, and what two shops that registered the same share. */
    public function url(): string
    {
        $host = str_contains($this->host, ':') ? "[{$this->host}]" : $this->host;

        return ($this->isUdp ? 'udp' : 'tcp')."://{$host}:{$this->port}";
    }

    public function label(): string
    {
        return "{$this->host} port {$this->port}".($this->isUdp ? ', UDP' : '');
    }
}
