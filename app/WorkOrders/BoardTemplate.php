<?php

declare(strict_types=1);

namespace App\WorkOrders;

use Dinghy\Plan\Board;
use Dinghy\Plan\BoardPart;
use Dinghy\Quantity\QuantityFormatter;
use Dompdf\Adapter\CPDF;
use Dompdf\Dompdf;

/**
 * A board with its parts and holes, 1:1, for laying on and drilling through, with a ruler to check the print by. A board
 * larger than the paper goes over several sheets that overlap.
 */
final class BoardTemplate
{
    /** points of a PDF to a millimetre */
    private const POINTS = 72 / 25.4;

    /** mm of the paper that printers leave white */
    private const MARGIN = 12.0;

    /** mm at the foot for the ruler and the words */
    private const FOOT = 24.0;

    /** mm that two sheets show of one another */
    private const OVERLAP = 15.0;

    private const RULER = 100;

    private const INK = [0.0, 0.0, 0.0];

    private const PALE = [0.45, 0.45, 0.45];

    private string $font = '';

    private function __construct(private readonly CPDF $canvas, private readonly Board $board)
    {
    }

    /**
     * @param  'a4'|'letter'  $paper
     * @return string the bytes of a PDF
     */
    public static function pdf(Board $board, string $paper): string
    {
        $dompdf = new Dompdf(SheetPrinter::options());
        $template = new self(new CPDF($paper, 'portrait', $dompdf), $board);
        $template->font = (string) $dompdf->getFontMetrics()->getFont('DejaVu Sans');
        $template->draw();

        return (string) $template->canvas->output();
    }

    private function draw(): void
    {
        [$width, $height] = [
            $this->canvas->get_width() / self::POINTS - 2 * self::MARGIN,
            $this->canvas->get_height() / self::POINTS - 2 * self::MARGIN - self::FOOT,
        ];
        $columns = self::sheets($this->board->width, $width);
        $rows = self::sheets($this->board->height, $height);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                if ($row + $column > 0) {
                    $this->canvas->new_page();
                }
                $this->sheet(
                    self::MARGIN - $column * ($width - self::OVERLAP),
                    self::MARGIN - $row * ($height - self::OVERLAP),
                    $rows * $columns === 1 ? '' : ', sheet '.($row * $columns + $column + 1).' of '.$rows * $columns,
                );
            }
        }
    }

    private static function sheets(float $board, float $paper): int
    {
        return $board <= $paper ? 1 : (int) ceil(($board - self::OVERLAP) / ($paper - self::OVERLAP));
    }

    /** @param  float  $left  mm of the board's upper left corner on the paper */
    private function sheet(float $left, float $top, string $which): void
    {
        $this->box($left, $top, 0, 0, $this->board->width, $this->board->height, self::INK, 0.8);
        foreach ($this->board->parts as $part) {
            $this->part($left, $top, $part);
        }
        $foot = $this->canvas->get_height() / self::POINTS - self::MARGIN;
        $this->write(
            self::MARGIN,
            $foot - 17,
            "{$this->board->label()}, ".QuantityFormatter::trim($this->board->width, 1).' × '.QuantityFormatter::trim($this->board->height, 1)." mm{$which}. Print at 100 %: the ruler must measure ".self::RULER.' mm.',
            8,
        );
        $this->write(
            self::MARGIN,
            $foot - 12,
            'Look behind the place before you drill. Battery off, negative lifted first.',
            8,
        );
        $this->line(self::MARGIN, $foot - 4, self::MARGIN + self::RULER, $foot - 4, 0.6);
        for ($mark = 0; $mark <= self::RULER; $mark += 10) {
            $this->line(
                self::MARGIN + $mark,
                $foot - 4,
                self::MARGIN + $mark,
                $foot - ($mark % 50 === 0 ? 8 : 6.5),
                0.4,
            );
        }
    }

    private function part(float $left, float $top, BoardPart $part): void
    {
        $this->box($left, $top, $part->x, $part->y, $part->width, $part->height, self::PALE, 0.5);
        $this->write($left + $part->x + 2, $top + $this->board->height - $part->y - $part->height + 2, $part->name, 6);
        foreach ($part->holes as $hole) {
            [$x, $y] = [$left + $part->x + $hole['x'], $top + $this->board->height - $part->y - $hole['y']];
            $this->canvas->circle(
                $x * self::POINTS,
                $y * self::POINTS,
                $hole['diameter'] / 2 * self::POINTS,
                self::INK,
                0.5,
            );
            $arm = $hole['diameter'] / 2 + 3;
            $this->line($x - $arm, $y, $x + $arm, $y, 0.3);
            $this->line($x, $y - $arm, $x, $y + $arm, 0.3);
            $this->write($x + $arm, $y + 1, QuantityFormatter::trim($hole['diameter'], 1), 6);
        }
    }

    /** @param  list<float>  $colour */
    private function box(
        float $left,
        float $top,
        float $x,
        float $y,
        float $width,
        float $height,
        array $colour,
        float $line,
    ): void {
        $this->canvas->rectangle(
            ($left + $x) * self::POINTS,
            ($top + $this->board->height - $y - $height) * self::POINTS,
            $width * self::POINTS,
            $height * self::POINTS,
            $colour,
            $line,
        );
    }

    private function line(float $fromX, float $fromY, float $toX, float $toY, float $width): void
    {
        $this->canvas->line(
            $fromX * self::POINTS,
            $fromY * self::POINTS,
            $toX * self::POINTS,
            $toY * self::POINTS,
            self::INK,
            $width,
        );
    }

    private function write(float $x, float $y, string $text, float $size): void
    {
        $this->canvas->text($x * self::POINTS, $y * self::POINTS, $text, $this->font, $size, self::INK);
    }
}
