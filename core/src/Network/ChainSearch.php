<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\Transducer;

/**
 * The chain from a transducer's plug to a socket: of the fewest links; of equally short ones that which keeps most functions;
 * then the one of the lowest ids, compared bytewise along the chain.
 *
 * It is searched plug by plug, a link farther each time. A chain of the fewest links meets no plug twice, so that no link is
 * used twice either. Of chains that reach the same plug with the same functions kept, the one of the lowest ids stays so
 * whatever follows: one of each is enough.
 */
final class ChainSearch
{
    /** @var array<string, list<Link>> by the plug that goes into them */
    private array $from = [];

    /** @param  list<Link>  $links  that are free */
    public function __construct(array $links)
    {
        foreach ($links as $link) {
            $this->from[$link->from()][] = $link;
        }
    }

    /** @return Chain|null null: none leads there */
    public function best(Transducer $transducer, string $socket): ?Chain
    {
        $all = (1 << count($transducer->functions)) - 1;
        /** @var array<string, array<int, list<Link>>> $reached chains by plug and by what they keep */
        $reached = [$transducer->plug => [$all => []]];
        $met = [$transducer->plug => true];
        while ($reached !== []) {
            if (isset($reached[$socket])) {
                return new Chain($transducer, self::bestOf($reached[$socket]));
            }
            $next = [];
            foreach ($reached as $plug => $chains) {
                foreach ($this->from[$plug] ?? [] as $link) {
                    $passed = isset($met[$link->to()]) ? 0 : self::passed($link, $transducer);
                    foreach (isset($met[$link->to()]) ? [] : $chains as $kept => $chain) {
                        $longer = [...$chain, $link];
                        $other = $next[$link->to()][$kept & $passed] ?? null;
                        if ($other === null || self::compare($longer, $other) < 0) {
                            $next[$link->to()][$kept & $passed] = $longer;
                        }
                    }
                }
            }
            $met += array_fill_keys(array_keys($next), true);
            $reached = $next;
        }

        return null;
    }

    /** @return int a bit for each function of the transducer that a link passes */
    private static function passed(Link $link, Transducer $transducer): int
    {
        $passed = 0;
        foreach ($transducer->functions as $at => $function) {
            $passed |= $link->passes($function, $transducer) ? 1 << $at : 0;
        }

        return $passed;
    }

    /**
     * @param  array<int, list<Link>>  $chains  by what they keep
     * @return list<Link>
     */
    private static function bestOf(array $chains): array
    {
        [$most, $best] = [-1, []];
        foreach ($chains as $kept => $chain) {
            $count = substr_count(decbin($kept), '1');
            if ($count > $most || ($count === $most && self::compare($chain, $best) < 0)) {
                [$most, $best] = [$count, $chain];
            }
        }

        return $best;
    }

    /**
     * @param  list<Link>  $chain
     * @param  list<Link>  $other  of the same length
     */
    private static function compare(array $chain, array $other): int
    {
        foreach ($chain as $at => $link) {
            $order = strcmp($link->id(), $other[$at]->id());
            if ($order !== 0) {
                return $order;
            }
        }

        return 0;
    }
}
