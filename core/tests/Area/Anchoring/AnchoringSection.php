<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Anchoring;

use Dinghy\File\CatalogueKind;
use Dinghy\File\Section;
use Dinghy\File\Shape\Extension;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\Problems;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Record\Record;
use Dinghy\Record\WhenGone;

final class AnchoringSection extends Section
{
    public function fields(): array
    {
        return [Field::optional('anchors', new PartsShape('anchor', self::anchor(), 8, true), [])];
    }

    public function extensions(): array
    {
        return [
            new Extension('boat', [Field::optional('freeboard_m', new NumberShape(0, 3, 'm'), 0.5)]),
            new Extension('feeds.to', [Field::optional('anchor', ReferenceShape::to('anchor', WhenGone::GoesToo))], true),
        ];
    }

    public function check(Record $plan, Problems $problems): void
    {
        foreach ($plan->records('anchors') as $i => $anchor) {
            if ($anchor->has('depth_m') && $anchor->number('depth_m') > $anchor->number('rode_m')) {
                $problems->add("/anchors/{$i}/rode_m", 'expected a rode that reaches the bottom');
            }
        }
    }

    public function part(Record $plan): ?Anchors
    {
        $anchors = array_map(static fn (Record $anchor): Anchor => new Anchor($anchor->text('id'), $anchor->textOrNull('station'), $anchor->number('rode_m'), $anchor->numberOrNull('depth_m')), $plan->records('anchors'));

        return $anchors === [] ? null : new Anchors($anchors, $plan->record('boat')->number('freeboard_m'));
    }

    public function questions(): array
    {
        return ['depth_m' => 'How deep is it where she anchors?'];
    }

    public function catalogue(): array
    {
        return [new CatalogueKind('anchor', 'Anchors', self::anchor(), ['rode_m'], ['rode_m'])];
    }

    private static function anchor(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('part', new TextShape(100)),
            Field::optional('station', ReferenceShape::to('station')),
            Field::required('rode_m', new NumberShape(1, 200, 'm')),
            Field::optional('depth_m', new NumberShape(0.5, 100, 'm')),
        ]);
    }
}
