<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

/**
 * The printed steps of one boat as somebody checks them who knows nothing of how they were made: what stands before what,
 * by going along every need.
 */
final class WorkRecord
{
    /** @var array<string, array<string, mixed>> by id, in the order in which they are printed */
    public readonly array $steps;

    /** @var array<string, array<string, true>> of each step everything that is done before it */
    private array $before = [];

    /** @param  array<string, mixed>  $document */
    public function __construct(array $document)
    {
        assert(is_array($document['steps']));
        $steps = [];
        foreach ($document['steps'] as $step) {
            assert(is_array($step) && is_string($step['id']) && is_array($step['needs']));
            if (isset($steps[$step['id']])) {
                throw new \LogicException("Twice: {$step['id']}.");
            }
            $before = [];
            foreach ($step['needs'] as $need) {
                assert(is_string($need));
                if (! isset($this->before[$need])) {
                    throw new \LogicException("{$step['id']} stands before {$need}, which it needs.");
                }
                $before += [$need => true] + $this->before[$need];
            }
            $this->before[$step['id']] = $before;
            /** @var array<string, mixed> $step */
            $steps[$step['id']] = $step;
        }
        $this->steps = $steps;
    }

    public function isBefore(string $one, string $other): bool
    {
        return isset($this->before[$other][$one]);
    }

    /**
     * @param  \Closure(array<string, mixed>): bool  $is
     * @return list<string> ids
     */
    public function those(\Closure $is): array
    {
        return array_map(strval(...), array_keys(array_filter($this->steps, $is)));
    }

    /** @return list<string> ids of steps of a kind */
    public function ofKind(string ...$kinds): array
    {
        return $this->those(static fn (array $step): bool => in_array($step['kind'], $kinds, true));
    }

    /**
     * Pairs that stand the wrong way round, or that nothing holds apart.
     *
     * @param  list<string>  $first
     * @param  list<string>  $then
     * @return list<string> in words
     */
    public function unordered(array $first, array $then): array
    {
        $wrong = [];
        foreach ($first as $one) {
            foreach ($then as $other) {
                if (! $this->isBefore($one, $other)) {
                    $wrong[] = "{$one} is not held before {$other}";
                }
            }
        }

        return $wrong;
    }
}
