<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Docs\RoomsDrawing;
use Dinghy\Conductor\Gauge;
use Dinghy\Evaluation\Areas;
use Dinghy\File\CatalogueKind;
use Dinghy\File\Forms;
use Dinghy\File\PartKind;
use Dinghy\Proposal\TakeOut;
use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Illuminate\Console\Command;

final class WriteDocs extends Command
{
    protected $signature = 'dinghy:docs {--check : Write nothing; exit 1 when a file is stale}';

    protected $description = 'Writes what is made from the core: the schema of plans, the forms that pages offer, docs/rules.md; and the pictures of docs/rooms.json';

    public function handle(): int
    {
        $stale = [];
        foreach (['docs/schema/plan-1.json' => self::planSchema(), 'docs/schema/forms-1.json' => self::forms(), 'docs/schema/rules-1.json' => self::ruleTexts(), 'docs/rules.md' => self::rules(), ...self::rooms()] as $file => $text) {
            if (@file_get_contents(base_path($file)) !== $text) {
                $stale[] = $file;
                $this->option('check') || file_put_contents(base_path($file), $text);
            }
        }
        foreach ($stale as $file) {
            $this->line(($this->option('check') ? 'stale: ' : 'written: ').$file);
        }

        return $this->option('check') && $stale !== [] ? self::FAILURE : self::SUCCESS;
    }

    public static function planSchema(): string
    {
        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'plan-1.json',
            'title' => 'Dinghy plan, version 1',
            ...resolve(Areas::class)->format->shape->schema(),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /** What can be filled in of a plan and of the parts of a catalogue, and what can be chosen: the page takes it from here. */
    public static function forms(): string
    {
        $format = resolve(Areas::class)->format;

        return json_encode(
            [
                'forms' => Forms::of($format),
                'kinds' => array_map(static fn (PartKind $kind): array => [
                    'owner' => $kind->owner, 'path' => $kind->path, 'addedAsIs' => $kind->addedAsIs, 'word' => $kind->word, 'alone' => ! in_array($kind->name, TakeOut::NOT_ALONE, true),
                ], $format->kinds->all),
                'gauges' => array_map(static fn (string $name): array => [$name, Gauge::of($name)->both()], Gauge::names()),
                'catalogue' => array_map(
                    static fn (CatalogueKind $kind): array => [$kind->name, $kind->title, Forms::ofCatalogue($kind)],
                    array_values($format->catalogue()),
                ),
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n";
    }

    /** What each rule speaks of, for a page that looks one up by its code. */
    public static function ruleTexts(): string
    {
        return json_encode(array_map(static fn (RuleText $text): array => [
            'code' => $text->code, 'speaks_when' => $text->speaksWhen, 'because' => $text->because,
            'source' => $text->source, 'mark' => $text->mark->label(),
        ], resolve(Areas::class)->texts()), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    public static function rules(): string
    {
        $rows = array_map(static function (RuleText $text): string {
            $levels = implode('/', array_map(static fn (Level $level): string => $level->value, $text->levels));

            return "| {$text->code} | {$levels} | {$text->speaksWhen} | {$text->because} | {$text->source} | {$text->mark->label()} |";
        }, resolve(Areas::class)->texts());

        return "# Rules\n\nMade from the core by `php artisan dinghy:docs`; do not edit.\n\n"
            ."stop: do not energise that circuit. warn: a rigger must decide and say why; people see \"decide\". note: good to know.\n"
            ."A rule whose input is missing says *not checked* and names the input.\n\n"
            ."| code | level | speaks when | because | source | on whose word |\n|---|---|---|---|---|---|\n"
            .implode("\n", $rows)."\n";
    }

    /** @return array<string, string> pictures of which folder imports which, by file */
    public static function rooms(): array
    {
        /** @var array<string, array<string, list<string>>> $halves */
        $halves = json_decode((string) file_get_contents(base_path('docs/rooms.json')), true, 8, JSON_THROW_ON_ERROR);
        $files = [];
        foreach (['core/src' => 'core', 'app' => 'app', 'resources/js' => 'page'] as $folder => $name) {
            $files["docs/rooms-{$name}.svg"] = (new RoomsDrawing($halves[$folder]))->svg("Folders of {$folder}: each stands above those that it imports.");
        }

        return $files;
    }
}
