<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\CableRun;
use Dinghy\Network\Socket;
use Dinghy\Route\Ways;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Transducer;
use Dinghy\Source\SourceKind;

final readonly class CableTooShort extends SonarRule
{
    public function text(): RuleText
    {
        return new RuleText('N08', [Level::Stop], 'the cable of a transducer is shorter than its route with the loop that its motor needs to turn',
            'it cannot be cut or spliced', 'computed from the plan', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        foreach ($figures->network->transducers as $transducer) {
            if ($transducer->device === null) {
                continue;
            }
            $on = "transducer:{$transducer->id}";
            $needed = CableRun::needed($solved->plan, $transducer);
            $there = $transducer->cableThere();
            if ($there === null || $needed === null) {
                yield new Unchecked($this->text(), $on, $there === null ? 'cable_m' : 'route');
            } elseif ($there < $needed - 1e-9) {
                yield new Finding($this->text(), Level::Stop, $on,
                    ucfirst("{$transducer->label()} has {$solved->words->length($there)} of cable and needs {$solved->words->length($needed)}: it lacks {$solved->words->length($needed - $there)}."),
                    'Lead it the shortest way, plug it in nearer, or order '.($transducer->isExtendable === false ? 'it with a longer cable.' : 'its maker\'s extension.'),
                    static fn (): iterable => self::nearer($solved, $figures, $transducer, $needed),
                    ['cable_m' => $there, 'cable_needed_m' => $needed]);
            }
        }
    }

    /** @return iterable<Remedy> */
    private static function nearer(SolvedBoat $solved, SonarFigures $figures, Transducer $transducer, float $needed): iterable
    {
        $on = "transducer:{$transducer->id}";
        if ($transducer->route !== null) {
            yield new Remedy('Lead it the shortest way.', Patch::change($on, [], ['route']));
        }
        $ways = new Ways($solved->plan->boat->ways);
        $places = [];
        foreach ($figures->network->devices as $id => $device) {
            $station = $solved->plan->devices[$id]->station;
            $socket = array_filter($device->sockets, static fn (Socket $socket): bool => $socket->plug === $transducer->plug);
            $route = $station === null || $transducer->station === null || $id === $transducer->device || $socket === [] ? null : $ways->shortest($transducer->station, $station);
            if ($route !== null) {
                $places[] = [$route->length, $id, array_key_first($socket)];
            }
        }
        sort($places);
        foreach ($places as [, $id, $socket]) {
            yield new Remedy(
                "Plug it into {$solved->plan->devices[$id]->label()}, which is nearer.",
                Patch::change($on, ['to' => (object) ['device' => $id, 'socket' => $socket]], ['via', 'route']),
            );
        }
        // Bought longer; an extension has plugs of its own, which the catalogue knows.
        $metres = ceil(($needed - $transducer->extended()) * 10) / 10;
        yield new Remedy(
            ($transducer->isExtendable === false ? 'Order the same' : "Order its maker's extension, or the same")." with {$solved->words->length($metres)} of cable.",
            Patch::set($on, ['cable_m' => $metres]),
        );
    }
}
