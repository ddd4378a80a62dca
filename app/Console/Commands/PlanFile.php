<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\File\Shape\Problem;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A plan file named on the command line, how a document made of it is printed, and how its refusal is told: on stderr, one problem a line, exit code 2. */
final class PlanFile
{
    private const REFUSED = 2;

    /** @throws PlanRefused */
    public static function read(string $path): PlanDocument
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw PlanRefused::asAWhole("expected a readable file, found nothing at \"{$path}\"");
        }

        // One byte more than allowed is enough to refuse it; a huge file is not read whole.
        return resolve(Areas::class)->format->document((string) file_get_contents(
            $path,
            length: PlanDocument::MOST_BYTES + 1,
        ));
    }

    /** Prints a document; numbers are not rounded. */
    public static function answer(Command $command, mixed $document): void
    {
        $command->getOutput()->writeln(json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        ), OutputInterface::OUTPUT_RAW);
    }

    public static function refuse(Command $command, PlanRefused $refusal): int
    {
        $output = $command->getOutput()->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        foreach ($refusal->problems as $problem) {
            $errors->writeln(self::oneLine($problem), OutputInterface::OUTPUT_RAW);
        }

        return self::REFUSED;
    }

    private static function oneLine(Problem $problem): string
    {
        return (string) preg_replace('/[\r\n]+/', ' ', (string) $problem);
    }
}
