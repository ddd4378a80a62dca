<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** The folders of a half of the program, and which of them import which, as their files say. */
final class Rooms
{
    /** @return array<string, list<string>> by folder, the folders that its files import; "." is the half itself */
    public static function ofPhp(string $root, string $namespace): array
    {
        $edges = [];
        foreach (self::files($root, ['php']) as $file) {
            $room = self::room($root, $file);
            $edges[$room] ??= [];
            foreach (\PhpToken::tokenize((string) file_get_contents($file)) as $token) {
                if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && str_starts_with(ltrim($token->text, '\\'), "{$namespace}\\")) {
                    $class = substr(ltrim($token->text, '\\'), strlen($namespace) + 1);
                    if (is_file("{$root}/".str_replace('\\', '/', $class).'.php')) {
                        $edges[$room][] = self::room($root, "{$root}/".str_replace('\\', '/', $class).'.php');
                    }
                }
            }
        }

        return self::tidy($edges);
    }

    /** @return array<string, list<string>> by folder, the folders that its scripts and styles are imported from */
    public static function ofScripts(string $root): array
    {
        $edges = [];
        foreach (self::files($root, ['ts', 'tsx']) as $file) {
            $room = self::room($root, $file);
            $edges[$room] ??= [];
            preg_match_all("/(?:from|import|import\\()\\s*'(\\.[^']+)'/", (string) file_get_contents($file), $imports);
            foreach ($imports[1] as $import) {
                $target = realpath(dirname($file).'/'.dirname($import));
                if ($target !== false && str_starts_with("{$target}/", "{$root}/")) {
                    $edges[$room][] = self::room($root, "{$target}/x");
                }
            }
        }

        return self::tidy($edges);
    }

    /**
     * @param  array<string, list<string>>  $edges
     * @return list<string> rooms of a ring, the first again at its end; empty: there is none
     */
    public static function ring(array $edges): array
    {
        $done = [];
        $walk = static function (string $room, array $path) use (&$walk, &$done, $edges): array {
            $at = array_search($room, $path, true);
            if ($at !== false) {
                return [...array_slice($path, (int) $at), $room];
            }
            foreach (isset($done[$room]) ? [] : $edges[$room] ?? [] as $next) {
                $ring = $walk($next, [...$path, $room]);
                if ($ring !== []) {
                    return $ring;
                }
            }
            $done[$room] = true;

            return [];
        };
        foreach (array_keys($edges) as $room) {
            $ring = $walk($room, []);
            if ($ring !== []) {
                return $ring;
            }
        }

        return [];
    }

    /**
     * @param  list<string>  $extensions
     * @return list<string>
     */
    private static function files(string $root, array $extensions): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && in_array($file->getExtension(), $extensions, true)) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }

    private static function room(string $root, string $file): string
    {
        $room = substr(dirname($file), strlen($root) + 1);

        return $room === '' ? '.' : $room;
    }

    /**
     * @param  array<string, list<string>>  $edges
     * @return array<string, list<string>>
     */
    private static function tidy(array $edges): array
    {
        ksort($edges);
        foreach ($edges as $room => $others) {
            $others = array_values(array_unique(array_diff($others, [$room])));
            sort($others);
            $edges[$room] = $others;
        }

        return $edges;
    }
}
