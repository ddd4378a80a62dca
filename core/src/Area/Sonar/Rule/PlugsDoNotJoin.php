<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\Chain;
use Dinghy\Network\Socket;
use Dinghy\Proposal\FreeId;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;
use Dinghy\Source\SourceKind;

final readonly class PlugsDoNotJoin extends SonarRule
{
    public function text(): RuleText
    {
        return new RuleText('N02', [Level::Stop], 'no chain of plugs and adapters joins a transducer to its socket, or one on the way does not pass a function of it',
            'the screen stays without depth, or without what was paid for', 'computed from the plan', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        foreach ($figures->network->transducers as $transducer) {
            $socket = $figures->network->socketOf($transducer);
            if ($socket === null) {
                continue;
            }
            $chain = $figures->chains->chainOf($transducer);
            $device = $solved->plan->devices[(string) $transducer->device]->label();
            $remedies = static fn (): iterable => self::remedies($solved, $figures, $transducer, $socket, $chain);
            if ($chain === null) {
                yield new Finding($this->text(), Level::Stop, "transducer:{$transducer->id}",
                    ucfirst("{$transducer->label()} ends in {$transducer->plug}; {$device} takes {$socket->plug}")
                        .($transducer->via === null ? ', and no adapter aboard joins them.' : ', and what was chosen between them does not fit.'),
                    "Order an adapter from {$transducer->plug} to {$socket->plug}.", $remedies, []);
            } elseif ($chain->lost() !== []) {
                $lost = self::words($chain->lost());
                $stops = $chain->firstThatStops($chain->lost()[0]);
                yield new Finding($this->text(), Level::Stop, "transducer:{$transducer->id}",
                    ucfirst("{$transducer->label()} loses {$lost} on its way to {$device}: ".($stops?->label() ?? '').' does not pass it.'),
                    "Use an adapter that passes {$lost}.", $remedies, ['lost' => (float) count($chain->lost())]);
            }
        }
    }

    /** @return iterable<Remedy> what lies aboard already; else what is to be ordered */
    private static function remedies(SolvedBoat $solved, SonarFigures $figures, Transducer $transducer, Socket $socket, ?Chain $chain): iterable
    {
        $on = "transducer:{$transducer->id}";
        if ($transducer->via !== null) {
            yield new Remedy('Use what suits of the adapters aboard.', Patch::change($on, [], ['via']));
        }
        foreach ($figures->network->devices as $id => $device) {
            foreach ($device->sockets as $other) {
                if ($other->plug === $transducer->plug && ($id !== $transducer->device || $other->id !== $socket->id)
                    && array_diff(array_column($transducer->functions, 'value'), array_column($other->shows, 'value')) === []) {
                    yield new Remedy(
                        "Plug it into {$solved->plan->devices[$id]->label()}, socket {$other->id}, where it fits.",
                        Patch::change($on, ['to' => (object) ['device' => $id, 'socket' => $other->id]], ['via']),
                    );
                }
            }
        }
        if ($transducer->plug === $socket->plug) {
            yield new Remedy('Plug it in as it is: its plug fits.', Patch::change($on, [], ['via']));

            return;
        }
        $id = FreeId::like($solved->plan, "{$transducer->plug} to {$socket->plug}");
        yield new Remedy(
            "Order an adapter from {$transducer->plug} to {$socket->plug} that passes ".self::words($transducer->functions).'.',
            Patch::put("adapter:{$id}", (object) [
                'id' => $id,
                'from' => $transducer->plug,
                'to' => $socket->plug,
                'passes' => array_column($transducer->functions, 'value'),
            ])->and(Patch::set($on, ['via' => [$id]])),
        );
    }

    /** @param  list<SonarFunction>  $functions */
    private static function words(array $functions): string
    {
        return implode(' and ', array_map(static fn (SonarFunction $function): string => $function->label(), $functions));
    }
}
