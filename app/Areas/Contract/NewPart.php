<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use App\Models\CataloguePart;
use App\Models\Shop;
use Illuminate\Support\ValidatedInput;

/** A part of the catalogue that is to be put into a plan, and what a page says of it. */
final readonly class NewPart
{
    /**
     * @param  string|null  $givenName  null: nobody gave it one of its own
     * @param  string|null  $station  null: nobody said where
     */
    public function __construct(
        public CataloguePart $part,
        public Shop $shop,
        public ?string $givenName,
        public ?string $station,
        public ValidatedInput $said,
    ) {
    }

    public function name(): string
    {
        return $this->givenName ?? $this->part->name;
    }

    /** Its figures as a plan takes them over. */
    public function figures(): \stdClass
    {
        return $this->part->asPlanned();
    }

    /** One of its figures; null: the catalogue says nothing of it. */
    public function number(string $figure): ?float
    {
        $value = $this->figures()->{$figure} ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    /** Its figures with what it is called in the catalogue, so that newer ones are seen. */
    public function named(): \stdClass
    {
        return (object) [...get_object_vars($this->figures()), 'part' => $this->part->name];
    }
}
