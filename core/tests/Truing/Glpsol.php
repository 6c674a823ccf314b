<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use RuntimeException;

/** A linear program given to GLPK's glpsol (Debian package glpk-utils): least objective, every name of any sign. */
final class Glpsol
{
    /**
     * @param  array<string, float>  $objective  factors by name
     * @param  list<array{array<string, float>, '>='|'<='|'=', float}>  $rows
     */
    public static function least(array $objective, array $rows): float
    {
        return self::solved($objective, $rows, 'free');
    }

    /**
     * The same where every name is 0 or 1.
     *
     * @param  array<string, float>  $objective
     * @param  list<array{array<string, float>, '>='|'<='|'=', float}>  $rows
     */
    public static function leastOfChoices(array $objective, array $rows): float
    {
        return self::solved($objective, $rows, 'binary');
    }

    /**
     * @param  array<string, float>  $objective
     * @param  list<array{array<string, float>, '>='|'<='|'=', float}>  $rows
     * @param  'free'|'binary'  $kind  of every name
     */
    private static function solved(array $objective, array $rows, string $kind): float
    {
        $names = array_keys($objective);
        foreach ($rows as [$factors]) {
            $names = [...$names, ...array_keys($factors)];
        }
        $lines = array_map(
            static fn (int $index, array $row): string => " r$index: ".
                self::sum($row[0]).
                " {$row[1]} ".
                self::number($row[2]),
            array_keys($rows),
            $rows,
        );
        $names = array_values(array_unique($names));
        $named = $kind === 'free'
            ? "Bounds\n".implode("\n", array_map(static fn (string $name): string => " $name free", $names))
            : "Binary\n ".implode("\n ", $names);
        $file = (string) tempnam(sys_get_temp_dir(), 'jackrest-lp');
        file_put_contents(
            $file,
            "Minimize\n goal: ".
                self::sum($objective).
                "\nSubject To\n".
                implode("\n", $lines).
                "\n$named\nEnd\n",
        );
        exec("glpsol --lp $file -w $file.out 2>&1", $said, $status);
        $answer = (string) @file_get_contents("$file.out");
        array_map(unlink(...), array_filter([$file, "$file.out"], is_file(...)));
        if ($status !== 0 || preg_match('/^s (?:bas \d+ \d+ f f|mip \d+ \d+ o) (\S+)/m', $answer, $match) !== 1) {
            throw new RuntimeException("glpsol gave no optimum:\n".implode("\n", $said));
        }

        return (float) $match[1];
    }

    /** @param  array<string, float>  $factors */
    private static function sum(array $factors): string
    {
        return implode(
            ' ',
            array_map(
                static fn (string $name, float $factor): string => ($factor < 0 ? '- ' : '+ ').
                    self::number(abs($factor)).
                    " $name",
                array_keys($factors),
                $factors,
            ),
        );
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(sprintf('%.12F', $number), '0'), '.');
    }
}
