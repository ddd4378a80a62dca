<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\Transducer;

/** The chains that offered adapters would make, with what lies aboard unused: what is worth ordering. */
final readonly class OfferedChains
{
    /**
     * @param  list<Link>  $aboard  that nothing else uses
     * @param  list<Adapter>  $offered
     */
    public function __construct(private array $aboard, private array $offered)
    {
    }

    /**
     * Each single adapter that joins the plugs; else the fewest that do; and the fewest through which everything comes.
     *
     * @return list<Chain> of the fewest links first, then those that lose least, then by name; each with an offered adapter in it
     */
    public function between(Transducer $transducer, string $socket): array
    {
        $links = [...$this->aboard, ...$this->offered];
        $whole = array_filter($links, static fn (Link $link): bool => self::passesAll($link, $transducer));
        $chains = [
            (new ChainSearch($links))->best($transducer, $socket),
            (new ChainSearch(array_values($whole)))->best($transducer, $socket),
            ...array_map(static fn (Adapter $one): Chain => new Chain($transducer, [$one]), $this->offered),
        ];
        $names = array_map(static fn (Adapter $one): string => $one->id(), $this->offered);
        $found = [];
        foreach ($chains as $chain) {
            if ($chain !== null && $chain->joins($socket) && array_intersect($chain->ids(), $names) !== []) {
                $found[implode("\n", $chain->ids())] = $chain;
            }
        }
        $found = array_values($found);
        usort($found, static fn (Chain $a, Chain $b): int => [count($a->links), count($a->lost()), $a->ids()] <=> [count($b->links), count($b->lost()), $b->ids()]);

        return $found;
    }

    private static function passesAll(Link $link, Transducer $transducer): bool
    {
        foreach ($transducer->functions as $function) {
            if (! $link->passes($function, $transducer)) {
                return false;
            }
        }

        return true;
    }
}
