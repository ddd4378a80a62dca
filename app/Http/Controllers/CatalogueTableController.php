<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueCsv;
use App\Catalogue\CatalogueLine;
use App\Models\CataloguePart;
use App\Models\User;
use App\Names\NameKey;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The catalogue as a table: out, and in again after a look at what would change. */
final class CatalogueTableController extends Controller
{
    public function show(#[CurrentUser] User $user): Response
    {
        return response(CatalogueCsv::of($user->shop->catalogue()->get()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="catalogue.csv"',
        ]);
    }

    /** Good lines are kept and bad ones named; a part that boats have already keeps its figures there. */
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        // Whoever is in the shop may look at what a table would change.
        $request->boolean('keep') && $this->authorize('run', $user->shop);
        $asked = $request->validate(
            ['csv' => ['required', 'string', 'max:1000000'], 'keep' => ['required', 'boolean']],
            ['csv.*' => 'Choose a table of parts, of at most 1 MB.'],
        );
        $known = $user->shop->parts()->get()->keyBy('name_key');
        $told = ['new' => [], 'changed' => [], 'differences' => [], 'same' => 0, 'refused' => []];
        $kept = [];
        foreach (CatalogueCsv::read($asked['csv']) as $line) {
            $part = $known->get(NameKey::of($line->name));
            if ($line->refused !== null) {
                $told['refused'][] = ['line' => $line->number, 'name' => $line->name, 'why' => $line->refused];
            } elseif ($part === null) {
                $told['new'][] = $line->name;
                $kept[] = $line;
            } elseif ($part->retired_at !== null || $part->kind !== $line->kind || $part->told() != $line->figures) {
                $told['changed'][] = $line->name;
                array_push($told['differences'], ...self::differences($part, $line));
                $kept[] = $line;
            } else {
                $told['same']++;
            }
        }
        if ($request->boolean('keep')) {
            DB::transaction(static fn () => array_walk($kept, static fn (CatalogueLine $line) => CataloguePart::query()->updateOrCreate(
                ['shop_id' => $user->shop_id, 'name_key' => NameKey::of($line->name)],
                ['name' => $line->name, 'kind' => $line->kind, 'figures' => $line->figures, 'retired_at' => null],
            )));
        }

        return response()->json($told);
    }

    /**
     * @return list<array{name: string, field: string, was: string, is: string}> the figures that a line has otherwise, as the table writes them
     */
    private static function differences(CataloguePart $part, CatalogueLine $line): array
    {
        [$was, $is] = [
            CatalogueCsv::cells($part->kind, $part->told()),
            CatalogueCsv::cells($line->kind, $line->figures),
        ];
        $differences = [];
        foreach (array_keys($was + $is) as $field) {
            [$before, $after] = [$was[$field] ?? 'none', $is[$field] ?? 'none'];
            if ($before !== $after) {
                $differences[] = ['name' => $line->name, 'field' => $field, 'was' => $before, 'is' => $after];
            }
        }

        return $differences;
    }
}
