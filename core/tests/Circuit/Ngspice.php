<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

/** The circuit simulator that the solver is checked against (Debian package ngspice). */
final class Ngspice
{
    /**
     * @param  list<string>  $elements  SPICE element lines
     * @return array<string, float> V by node, from node 0
     */
    public static function operatingPoint(array $elements): array
    {
        return self::run(implode("\n", ['* circuit', ...$elements, '.options reltol=1e-7 abstol=1e-9', '.control', 'op', 'set numdgt=9', 'print all', '.endc', '.end', '']));
    }

    /**
     * @param  string  $netlist  a whole one, that prints all
     * @return array<string, float> V by node, from node 0
     */
    public static function run(string $netlist): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'dinghy-spice');
        file_put_contents($file, $netlist);
        // What it complains of would come between the digits of what it prints.
        $output = (string) shell_exec('ngspice -b '.escapeshellarg($file).' 2>'.escapeshellarg("{$file}.err"));
        $complaints = (string) file_get_contents("{$file}.err");
        array_map(unlink(...), [$file, "{$file}.err"]);
        preg_match_all('/^(?:v\()?([a-z0-9_]+)\)? = ([-+.0-9e]+)/mi', $output, $matches, PREG_SET_ORDER);
        if ($matches === [] || str_contains($output.$complaints, 'solution failed')) {
            throw new \RuntimeException("ngspice gave no operating point:\n{$output}\n{$complaints}");
        }

        return array_map(floatval(...), array_column($matches, 2, 1));
    }
}
