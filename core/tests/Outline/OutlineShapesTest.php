<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Outline;

use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Outline\Path;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\TestCase;

/** Outlines as a library of geometry sees them (GEOS): no part crosses itself, and nothing floats beside its tool. */
final class OutlineShapesTest extends TestCase
{
    /** What hangs on one hook and is in several pieces. */
    private const IN_PIECES = ['bits', 'holdfast', 'irons', 'sticks', 'stone'];

    /** @return array<string, Outline> of every kind at its usual sizes, and with each of them changed */
    private static function outlines(): array
    {
        mt_srand(11);
        $outlines = [];
        foreach (ToolKinds::all() as $kind) {
            $usual = $kind->usualSizes();
            $outlines["$kind->form of $kind->id"] = Outlines::of($kind->form, $usual);
            $changed = array_map(static fn (float $mm): float => $mm * mt_rand(70, 140) / 100, $usual);
            $outlines["$kind->form of $kind->id, changed"] = Outlines::of($kind->form, $changed);
        }

        return $outlines;
    }

    /** @return array<string, Outline> of every kind at any size that its dimensions allow */
    private static function ofAnySize(): array
    {
        mt_srand(11);
        $outlines = [];
        foreach (ToolKinds::all() as $kind) {
            for ($trial = 0; $trial < 12; $trial++) {
                $sizes = [];
                foreach ($kind->dimensions as $dimension) {
                    // Whole millimetres too: where two figures meet exactly, roundings show.
                    $any = $dimension->least + ($dimension->most - $dimension->least) * mt_rand() / mt_getrandmax();
                    $sizes[$dimension->name] = [$any, round($any), $dimension->least, $dimension->most][mt_rand(0, 3)];
                }
                $outlines["$kind->form of $kind->id, ".json_encode($sizes)] = Outlines::of($kind->form, $sizes);
            }
        }

        return $outlines;
    }

    public function test_no_part_crosses_itself(): void
    {
        $shapes = [];
        foreach ([...self::outlines(), ...self::ofAnySize()] as $name => $outline) {
            foreach ($outline->bodies as $part => $body) {
                $shapes["$name, part $part"] = 'POLYGON '.self::rings($body);
            }
        }
        self::assertGreaterThan(400, count($shapes));
        $valid = self::ask('isValid', array_values($shapes));
        self::assertSame([], array_keys(array_filter(
            array_combine(array_keys($shapes), $valid),
            static fn (string $answer): bool => $answer !== 'true',
        )));
    }

    public function test_nothing_floats_beside_its_tool(): void
    {
        $shapes = [];
        foreach (self::outlines() as $name => $outline) {
            if (! in_array(explode(' ', $name)[0], self::IN_PIECES, true)) {
                $shapes[$name] = 'MULTIPOLYGON ('.implode(', ', array_map(self::rings(...), $outline->bodies)).')';
            }
        }
        // A buffer of nothing unites what touches, one shape at a time in every version of GEOS.
        $united = array_combine(array_keys($shapes), self::ask('buffer 0', array_values($shapes)));
        self::assertSame([], array_keys(array_filter(
            $united,
            static fn (string $shape): bool => ! str_starts_with($shape, 'POLYGON'),
        )));
    }

    private static function rings(Path $path): string
    {
        $ring = static fn (array $points): string => '('.implode(', ', array_map(
            static fn (array $point): string => sprintf('%.17G %.17G', $point[0], $point[1]),
            [...$points, $points[0]],
        )).')';

        return '('.implode(', ', array_map($ring, [$path->points, ...$path->holes])).')';
    }

    /**
     * @param  list<string>  $shapes  as well-known text
     * @return list<string>
     */
    private static function ask(string $what, array $shapes): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'outlines');
        file_put_contents($file, implode("\n", $shapes)."\n");
        exec('geosop -a '.escapeshellarg($file)." -f wkt $what", $answers, $status);
        unlink($file);
        self::assertSame(0, $status, 'geosop is installed with geos-bin');
        self::assertCount(count($shapes), $answers);

        return $answers;
    }
}
