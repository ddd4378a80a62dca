<?php

declare(strict_types=1);

namespace App\Areas\Contract;

/** The areas of the application, in the order of work, and what they bring together. */
final readonly class AreaList
{
    /** @param  list<Area>  $all */
    public function __construct(public array $all)
    {
    }

    public function at(string $stage): ?Area
    {
        foreach ($this->all as $area) {
            if ($area->stage() === $stage) {
                return $area;
            }
        }

        return null;
    }

    /** @return array<string, Addition> by kind of the catalogue */
    public function additions(): array
    {
        return array_merge(...array_map(static fn (Area $area): array => $area->additions(), $this->all));
    }

    /** @return array<string, Proposal> by name */
    public function proposals(): array
    {
        return [...array_merge(...array_map(static fn (Area $area): array => $area->proposals(), $this->all)), 'part' => AddedAsIs::proposal()];
    }
}
