<?php

declare(strict_types=1);

namespace App\Docs;

/**
 * The folders of a half of the program as a picture: each stands above all that it imports. Lines that others already say,
 * over a folder between, are left out.
 */
final readonly class RoomsDrawing
{
    private const ROW = 78;

    private const WIDTH = 1120;

    private const BOX = 26;

    /** @var list<list<string>> from the bottom */
    private array $levels;

    /** @param  array<string, list<string>>  $uses  by folder, those that it imports, without a ring */
    public function __construct(private array $uses)
    {
        $heights = [];
        foreach (array_keys($uses) as $room) {
            $this->height($room, $heights);
        }
        $levels = [];
        foreach ($heights as $room => $height) {
            $levels[$height][] = (string) $room;
        }
        ksort($levels);
        $this->levels = array_values($levels);
    }

    public function svg(string $title): string
    {
        $places = $this->places();
        $lines = [];
        foreach ($this->uses as $room => $others) {
            foreach ($this->nearest($others) as $other) {
                [$from, $to] = [$places[$room], $places[$other]];
                $lines[] = sprintf(
                    '<line x1="%.0f" y1="%d" x2="%.0f" y2="%d"/>',
                    $from['x'],
                    $from['y'] + self::BOX,
                    $to['x'],
                    $to['y'],
                );
            }
        }
        $boxes = [];
        foreach ($places as $room => ['x' => $x, 'y' => $y, 'width' => $width]) {
            $boxes[] = sprintf(
                '<rect x="%.0f" y="%d" width="%.0f" height="%d" rx="3"/><text x="%.0f" y="%d">%s</text>',
                $x - $width / 2,
                $y,
                $width,
                self::BOX,
                $x,
                $y + 17,
                htmlspecialchars((string) $room),
            );
        }
        $height = count($this->levels) * self::ROW;

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" role="img" aria-label="%s">',
            self::WIDTH,
            $height,
            htmlspecialchars($title),
        )."\n"
            .'<style>rect{fill:#fff;stroke:#333}text{font:13px sans-serif;text-anchor:middle;fill:#111}line{stroke:#888}</style>'."\n"
            .sprintf('<rect width="%d" height="%d" style="stroke:none"/>', self::WIDTH, $height)."\n"
            .implode("\n", [...$lines, ...$boxes])."\n</svg>\n";
    }

    /** @param  array<string, int|null>  $heights  null: it is being asked for */
    private function height(string $room, array &$heights): int
    {
        if (! array_key_exists($room, $heights)) {
            $heights[$room] = null;
            $heights[$room] = $this->uses[$room] === [] ? 0 : 1 + max(
                array_map(fn (string $other): int => $this->height($other, $heights), $this->uses[$room]),
            );
        }

        return $heights[$room] ?? throw new \LogicException("The folder {$room} imports itself over others: that cannot be drawn.");
    }

    /** @return array<string, array{x: float, y: int, width: float}> middle, top and width of each box */
    private function places(): array
    {
        $places = [];
        foreach ($this->levels as $level => $rooms) {
            $widths = array_map(static fn (string $room): float => 7.4 * strlen($room) + 18, $rooms);
            $gap = (self::WIDTH - array_sum($widths)) / (count($rooms) + 1);
            $x = $gap;
            foreach ($rooms as $at => $room) {
                $places[$room] = [
                    'x' => $x + $widths[$at] / 2,
                    'y' => (count($this->levels) - 1 - $level) * self::ROW + (self::ROW - self::BOX) / 2,
                    'width' => $widths[$at],
                ];
                $x += $widths[$at] + $gap;
            }
        }

        return $places;
    }

    /**
     * @param  list<string>  $others
     * @return list<string> those that none of the others leads to
     */
    private function nearest(array $others): array
    {
        $beyond = array_merge([], ...array_map($this->below(...), $others));

        return array_values(array_diff($others, $beyond));
    }

    /** @return list<string> everything that a room imports, over others too */
    private function below(string $room): array
    {
        $below = $this->uses[$room] ?? [];

        return array_values(array_unique(array_merge($below, ...array_map($this->below(...), $below))));
    }
}
