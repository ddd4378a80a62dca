<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Unchecked;

/** How often each rule speaks of each part, and how often it misses an input. */
final readonly class Tally
{
    /** @var array<string, int> by rule and part */
    private array $said;

    /** @var array<string, array<string, int>> by level, then by rule and part */
    private array $saidAt;

    /** @var array<string, int> by rule */
    private array $missed;

    /** @param  list<Finding|Unchecked>  $all */
    public function __construct(array $all)
    {
        [$said, $saidAt, $missed] = [[], [], []];
        foreach ($all as $one) {
            if ($one instanceof Unchecked) {
                $missed[$one->rule->code] = ($missed[$one->rule->code] ?? 0) + 1;

                continue;
            }
            $key = self::key($one);
            $said[$key] = ($said[$key] ?? 0) + 1;
            $saidAt[$one->level->value][$key] = ($saidAt[$one->level->value][$key] ?? 0) + 1;
        }
        [$this->said, $this->saidAt, $this->missed] = [$said, $saidAt, $missed];
    }

    /**
     * Whether the rule of a finding speaks of its part less often than before, and not only because nobody can tell any
     * more.
     */
    public function isMended(self $before, Finding $finding): bool
    {
        $key = self::key($finding);
        $code = $finding->rule->code;

        return ($this->said[$key] ?? 0) < ($before->said[$key] ?? 0) && ($this->missed[$code] ?? 0) <= ($before->missed[$code] ?? 0);
    }

    /** @return array<string, int> rule and part of every stop that is one more than before, by how many */
    public function newStops(self $before): array
    {
        return self::more($this->saidAt[Level::Stop->value] ?? [], $before->saidAt[Level::Stop->value] ?? []);
    }

    /** Whether there is something to decide that was neither decision nor stop before. */
    public function bringsDecisions(self $before): bool
    {
        return self::more($this->saidAt[Level::Warn->value] ?? [], $before->said) !== [];
    }

    public static function key(Finding $finding): string
    {
        return "{$finding->rule->code} {$finding->on}";
    }

    /**
     * @param  array<string, int>  $after
     * @param  array<string, int>  $before
     * @return array<string, int>
     */
    private static function more(array $after, array $before): array
    {
        $more = [];
        foreach ($after as $key => $count) {
            if ($count > ($before[$key] ?? 0)) {
                $more[$key] = $count - ($before[$key] ?? 0);
            }
        }

        return $more;
    }
}
