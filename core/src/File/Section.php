<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Extension;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\Problems;
use Dinghy\Record\Record;

/** What an area of the trade adds to the plan file. A section brings what it has; the rest is nothing. */
abstract class Section
{
    /** @return list<Field> keys of the plan itself */
    public function fields(): array
    {
        return [];
    }

    /** @return list<Extension> keys of objects that other sections brought */
    public function extensions(): array
    {
        return [];
    }

    /**
     * What no shape can say: limits that span keys. Shapes are sound when it is asked; what names a part may dangle, which
     * has then been added as a problem.
     */
    public function check(Record $plan, Problems $problems): void
    {
    }

    /**
     * Its typed part, which Plan::part() gives by its class.
     *
     * @param  Record  $plan  the whole plan, found sound
     * @return object|null null: the plan says nothing of it
     */
    public function part(Record $plan): ?object
    {
        return null;
    }

    /** @return array<string, string> how a person is asked for an input, by the last word of its field */
    public function questions(): array
    {
        return [];
    }

    /** @return list<CatalogueKind> kinds of parts that a shop's catalogue can hold */
    public function catalogue(): array
    {
        return [];
    }

    /** @return array<string, list<Field>> by kind of the catalogue that another section brought: what it keeps of them beside */
    public function catalogueFigures(): array
    {
        return [];
    }
}
