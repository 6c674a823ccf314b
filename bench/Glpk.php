<?php

declare(strict_types=1);

namespace Bench;

use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\ToolOffer;
use RuntimeException;

/** Solves a kit with GLPK's glpsol (Debian package glpk-utils) as an integer program of its own making. */
final class Glpk
{
    /**
     * Least cost without a budget, largest weight served with one.
     *
     * @throws RuntimeException when it does not solve it
     */
    public static function objective(KitPlanInput $kit): float
    {
        return self::objectiveWithin($kit, null) ?? throw new RuntimeException('glpsol gave no optimum');
    }

    /**
     * @param  int|null  $seconds  after which it gives up; null: never
     * @return float|null null when it gave up
     */
    public static function objectiveWithin(KitPlanInput $kit, ?int $seconds): ?float
    {
        $folder = sys_get_temp_dir().'/jackrest-glpk-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/kit.lp", self::program($kit));
        $limit = $seconds === null ? '' : "--tmlim $seconds";
        exec("glpsol --cuts $limit --lp $folder/kit.lp -o $folder/kit.txt 2>&1", $said, $status);
        $answer = (string) @file_get_contents("$folder/kit.txt");
        foreach (['kit.lp', 'kit.txt'] as $file) {
            @unlink("$folder/$file");
        }
        rmdir($folder);
        if (preg_match('/Status:\s+INTEGER (UNDEFINED|NON-OPTIMAL)/', $answer) === 1) {
            return null;
        }
        if (
            $status !== 0 ||
            preg_match('/Status:\s+INTEGER OPTIMAL\s+Objective:\s+\S+ = (\S+)/', $answer, $match) !== 1
        ) {
            throw new RuntimeException("glpsol gave no optimum:\n".implode("\n", $said));
        }

        return (float) $match[1];
    }

    private static function program(KitPlanInput $kit): string
    {
        $rows = $binaries = $spent = $served = $ways = [];
        $owned = array_fill_keys($kit->owned, true);
        // Names in the program are numbers: ids may hold what its language takes for a sign.
        $tools = self::numbered('t', array_map(static fn (ToolOffer $tool): string => $tool->id, $kit->tools));
        $operations = self::numbered(
            's',
            array_map(static fn (OperationWanted $operation): string => $operation->id, $kit->operations),
        );
        $minGrade = array_column(
            array_map(
                static fn (OperationWanted $operation): array => [$operation->id, $operation->minGrade],
                $kit->operations,
            ),
            1,
            0,
        );
        foreach ($kit->tools as $tool) {
            $binaries[] = $tools[$tool->id];
            $spent[] = (isset($owned[$tool->id]) ? '0' : $tool->cost).' '.$tools[$tool->id];
            foreach ($tool->needs as $need) {
                $rows[] = "{$tools[$tool->id]} - {$tools[$need]} <= 0";
            }
        }
        foreach ($kit->methods as $index => $method) {
            if ($method->grade < ($minGrade[$method->operation] ?? INF)) {
                continue;
            }
            $binaries[] = "m$index";
            $ways[$method->operation][] = "m$index";
            foreach ($method->tools as $tool) {
                $rows[] = "m$index - {$tools[$tool]} <= 0";
            }
        }
        foreach ($kit->operations as $operation) {
            $sum = implode(' + ', $ways[$operation->id]);
            $served[] = "{$operation->weight} {$operations[$operation->id]}";
            $rows[] = $kit->budget === null ? "$sum >= 1" : "$sum - {$operations[$operation->id]} >= 0";
            if ($kit->budget !== null) {
                $binaries[] = $operations[$operation->id];
            }
        }
        if ($kit->budget !== null) {
            $rows[] = implode(' + ', $spent)." <= {$kit->budget}";
        }
        $goal =
            $kit->budget === null ? "Minimize\n ".implode(' + ', $spent) : "Maximize\n ".implode(' + ', $served);

        return wordwrap(
            "$goal\nSubject To\n ".implode("\n ", $rows)."\nBinary\n ".implode("\n ", $binaries)."\nEnd\n",
            200,
        );
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, string>
     */
    private static function numbered(string $letter, array $ids): array
    {
        return array_combine($ids, array_map(static fn (int $number): string => "$letter$number", array_keys($ids)));
    }
}
