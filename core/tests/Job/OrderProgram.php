<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use JackRest\Core\Job\SequenceTask;

/**
 * The order of a job as an integer program, one of each tool: x is 1 where a task stands at a place, h where a tool
 * keeps a setting after it, w where a tool is in the hand after it; s and c count what is set and what is fetched.
 */
final class OrderProgram
{
    /**
     * @param  list<SequenceTask>  $tasks
     * @return array{array<string, float>, list<array{array<string, float>, '>='|'<='|'=', float}>}
     */
    public static function of(array $tasks, int $batches): array
    {
        $count = count($tasks);
        $number = array_flip(array_map(static fn (SequenceTask $task): string => $task->id, $tasks));
        $goal = $rows = [];
        for ($batch = 0; $batch < $batches; $batch++) {
            $places = range($batch * $count, ($batch + 1) * $count - 1);
            foreach ($tasks as $index => $task) {
                $rows[] = [self::each($places, "x{$batch}_{$index}_"), '=', 1.0];
                foreach ($task->after as $before) {
                    $sum = [];
                    foreach ($places as $place) {
                        $sum["x{$batch}_{$index}_$place"] = (float) $place;
                        $sum["x{$batch}_{$number[$before]}_$place"] = -(float) $place;
                    }
                    $rows[] = [$sum, '>=', 1.0];
                }
            }
            foreach ($places as $place) {
                $all = [];
                foreach (array_keys($tasks) as $index) {
                    $all["x{$batch}_{$index}_$place"] = 1.0;
                }
                $rows[] = [$all, '=', 1.0];
                self::keeps($tasks, $batch, $place, $goal, $rows);
            }
        }

        return [$goal, $rows];
    }

    /**
     * @param  list<SequenceTask>  $tasks
     * @param  array<string, float>  $goal
     * @param  list<array{array<string, float>, '>='|'<='|'=', float}>  $rows
     */
    private static function keeps(array $tasks, int $batch, int $place, array &$goal, array &$rows): void
    {
        $hand = $held = [];
        foreach ($tasks as $index => $task) {
            if ($task->tool !== '') {
                $hand["w{$task->tool}_"] = 1.0;
                $rows[] = [["w{$task->tool}_$place" => 1.0, "x{$batch}_{$index}_$place" => -1.0], '>=', 0.0];
            }
            if ($task->setting !== '') {
                $held[$task->tool]["h{$task->tool}_{$task->setting}_"] = 1.0;
                $rows[] = [
                    ["h{$task->tool}_{$task->setting}_$place" => 1.0, "x{$batch}_{$index}_$place" => -1.0], '>=', 0.0,
                ];
            }
        }
        $tools = array_map(static fn (array $names): array => ['s', $names, 100.0], array_values($held));
        foreach ([['c', $hand, 1.0], ...$tools] as [$counts, $names, $cost]) {
            $one = [];
            foreach (array_keys($names) as $name) {
                $one["$name$place"] = 1.0;
                $before = $place === 0 ? [] : [$name.($place - 1) => 1.0];
                $rows[] = [["$counts$name$place" => 1.0, "$name$place" => -1.0, ...$before], '>=', 0.0];
                $goal["$counts$name$place"] = $cost;
            }
            if ($one !== []) {
                $rows[] = [$one, '<=', 1.0];
            }
        }
    }

    /**
     * @param  list<int>  $places
     * @return array<string, float>
     */
    private static function each(array $places, string $name): array
    {
        $each = [];
        foreach ($places as $place) {
            $each["$name$place"] = 1.0;
        }

        return $each;
    }
}
