<?php

declare(strict_types=1);

namespace Tests;

/** What stands in a PDF. */
final class PdfWords
{
    /** The words, their white space made one; and how many pages they stand on. */
    public static function of(string $pdf, ?int &$pages = null): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'dinghy-pdf');
        file_put_contents($file, $pdf);
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        unlink($file);
        $pages = substr_count($text, "\f");

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
