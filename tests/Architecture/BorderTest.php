<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The core is the trade alone: no framework, no database, no clock, no randomness, no input or output. */
final class BorderTest extends TestCase
{
    private const FORBIDDEN_NAMES = ['App\\', 'Illuminate\\', 'Laravel\\', 'Symfony\\', 'Carbon\\', 'Dompdf\\'];

    private const FORBIDDEN_CALLS = [
        'time', 'microtime', 'hrtime', 'date', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'shuffle', 'file_get_contents', 'file_put_contents', 'fopen',
        'curl_init', 'exec', 'shell_exec', 'proc_open', 'system', 'getenv', 'env', 'config', 'app', 'now', 'sleep', 'usleep', 'echo', 'print', 'printf', 'var_dump',
    ];

    public function test_the_core_names_nothing_beyond_its_border(): void
    {
        $files = self::coreFiles();
        self::assertGreaterThan(50, count($files));
        foreach ($files as $file) {
            $tokens = \PhpToken::tokenize((string) file_get_contents($file));
            foreach ($tokens as $i => $token) {
                if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                    foreach (self::FORBIDDEN_NAMES as $name) {
                        self::assertStringStartsNotWith($name, ltrim($token->text, '\\'), "{$file}:{$token->line}");
                    }
                }
                if ($token->is([T_STRING, T_ECHO, T_PRINT]) && in_array($token->text, self::FORBIDDEN_CALLS, true)) {
                    self::assertFalse(self::isCall($tokens, $i), "{$file}:{$token->line} calls {$token->text}");
                }
            }
        }
    }

    /** A class stands in the file of its name, so that a newcomer finds it by guessing; no file is a grab bag. */
    public function test_files_are_named_after_what_they_hold(): void
    {
        foreach ([...self::coreFiles(), ...self::phpFiles(__DIR__.'/../../app')] as $file) {
            $name = basename($file, '.php');
            self::assertMatchesRegularExpression("/^(?:final |readonly |abstract )*(?:class|interface|enum) {$name}\\b/m", (string) file_get_contents($file), $file);
            self::assertDoesNotMatchRegularExpression('/Helper|Util|Manager|Misc/', $name);
        }
    }

    /** @param  list<\PhpToken>  $tokens */
    private static function isCall(array $tokens, int $i): bool
    {
        $before = $tokens[$i - 1] ?? null;
        $next = $tokens[$i + 1] ?? null;
        if ($tokens[$i]->is([T_ECHO, T_PRINT])) {
            return true;
        }

        return $next?->text === '(' && ! ($before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON]) ?? false)
            && ! ($tokens[$i - 2] ?? null)?->is(T_FUNCTION);
    }

    /**
     * Compiled just in time, PHP 8.2 takes "not greater than" to be false of what is not a number, where it is true: what may be
     * none is asked by name, with is_nan().
     */
    public function test_no_comparison_is_negated(): void
    {
        foreach (self::coreFiles() as $file) {
            self::assertDoesNotMatchRegularExpression('/! \((?:(?!&&|\|\||instanceof|===|!==)[^()])*[^-=<>](?:<|>|<=|>=) /', (string) file_get_contents($file), $file);
        }
    }

    /** A rule's code stands in the rule, and in what judges the same more closely, and nowhere else: who means a rule names its class. */
    public function test_the_code_of_a_rule_stands_in_the_rule_alone(): void
    {
        $codes = [];
        foreach ([...self::coreFiles(), ...self::phpFiles(__DIR__.'/../../app')] as $file) {
            preg_match_all("/'([BFWDNMS][0-9]{2})'/", (string) file_get_contents($file), $found);
            foreach ($found[1] as $code) {
                $codes[$code][] = $file;
            }
        }
        // A bolt is a size of stud.
        unset($codes['M10']);
        self::assertGreaterThan(70, count($codes));
        foreach ($codes as $code => $files) {
            $closer = array_filter($files, static fn (string $file): bool => str_contains((string) file_get_contents($file), 'isCloser: true'));
            self::assertCount(1 + count($closer), $files, (string) $code);
            self::assertLessThan(2, count($closer), (string) $code);
            foreach ($files as $file) {
                self::assertMatchesRegularExpression('~/Area/[A-Za-z]+/Rule/[A-Za-z]+\.php$~', $file, (string) $code);
            }
        }
    }

    /** @return list<string> */
    private static function coreFiles(): array
    {
        return self::phpFiles(__DIR__.'/../../core/src');
    }

    /** @return list<string> */
    private static function phpFiles(string $folder): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }
}
