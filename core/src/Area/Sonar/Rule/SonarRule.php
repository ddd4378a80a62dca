<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Network\DataNetwork;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Rule;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;

/** A judgement of boats that have something of data and sonar planned. */
abstract readonly class SonarRule implements Rule
{
    final public function check(SolvedBoat $solved): iterable
    {
        return $solved->plan->part(DataNetwork::class) === null ? [] : $this->judge($solved, $solved->figures(SonarFigures::class));
    }

    /** @return iterable<Finding|Unchecked> */
    abstract protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable;
}
