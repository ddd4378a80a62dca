<?php

declare(strict_types=1);

namespace App\Bench;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanFormat;
use Dinghy\Network\DataNetwork;

/** A boat of more transducers and adapters than anybody has: what the search for chains is timed on. */
final class LargeNetwork
{
    public const TRANSDUCERS = 12;

    public const ADAPTERS = 60;

    private const PLUGS = 16;

    /** Plugs stand in a row, and adapters lead from each to one of the next four: long chains, and many of them. */
    public static function network(): DataNetwork
    {
        mt_srand(5);
        $device = ['kind' => 'display', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 1];
        $devices = $transducers = $adapters = [];
        for ($at = 0; $at < self::TRANSDUCERS; $at++) {
            $devices[] = ['id' => "d{$at}", ...$device, 'sockets' => [['id' => 's', 'plug' => 'p'.(self::PLUGS - 1 - $at % 4), 'shows' => ['depth']]]];
            $transducers[] = ['id' => "t{$at}", 'mount' => 'pole', 'functions' => ['depth', 'temperature', 'side', 'down'], 'plug' => 'p'.$at % 4, 'to' => ['device' => "d{$at}", 'socket' => 's']];
        }
        for ($at = 0; $at < self::ADAPTERS; $at++) {
            $from = $at % (self::PLUGS - 1);
            $adapters[] = ['id' => "a{$at}", 'from' => "p{$from}", 'to' => 'p'.min(self::PLUGS - 1, $from + mt_rand(1, 4)), 'passes' => mt_rand(0, 2) === 0 ? ['depth', 'side'] : ['depth', 'temperature', 'side', 'down']];
        }
        $plan = resolve(Areas::class)->format->document(json_encode([
            'format' => PlanFormat::NAME,
            'version' => PlanFormat::VERSION,
            'devices' => $devices,
            'network' => ['transducers' => $transducers, 'adapters' => $adapters],
        ], JSON_THROW_ON_ERROR))->plan();

        return $plan->part(DataNetwork::class) ?? throw new \LogicException('It has a data side.');
    }
}
