<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Work\Task;

/**
 * The steps a work is made by: every operation it asks for, in the order practised, joints taken apart into their two
 * sides: tails are cut before the pins that are marked from them, mortises apart from tenons. Common practice.
 */
final class Route
{
    /** What is done to which side of a joint, in its order: dovetails. */
    private const DOVETAIL = [
        ['mark-parallel', 'tails', null],
        ['step-off', 'tails', 'mark-parallel tails'],
        ['mark-slope', 'tails', 'step-off tails'],
        ['saw-dovetail', 'tails', 'mark-slope tails'],
        ['clear-waste', 'tails', 'saw-dovetail tails'],
        ['chop-across', 'tails', 'clear-waste tails'],
        ['mark-parallel', 'pins', null],
        ['transfer', 'pins', 'saw-dovetail tails', 'clear-waste tails', 'chop-across tails', 'mark-parallel pins'],
        ['saw-dovetail', 'pins', 'transfer pins'],
        ['clear-waste', 'pins', 'saw-dovetail pins'],
        ['clean-corner', 'pins', 'clear-waste pins'],
        ['pare', 'pins', 'clear-waste pins', 'clean-corner pins'],
    ];

    /** The same of mortise and tenon. */
    private const TENON = [
        ['mark-mortise', 'mortises', null],
        ['chop-mortise', 'mortises', 'mark-mortise mortises'],
        ['mark-mortise', 'tenons', null],
        ['saw-tenon-cheek', 'tenons', 'mark-mortise tenons'],
        ['saw-tenon-shoulder', 'tenons', 'saw-tenon-cheek tenons'],
        ['fit-tenon-cheek', 'tenons', 'saw-tenon-shoulder tenons', 'chop-mortise mortises'],
        ['fit-tenon-shoulder', 'tenons', 'fit-tenon-cheek tenons'],
    ];

    /** What boards that are bought planed don't ask for any more. */
    private const ROUGH = [
        'rip', 'flatten-coarse', 'flatten', 'check-flat', 'check-wind', 'joint-edge', 'check-square', 'thickness',
    ];

    /**
     * @param  list<Task>  $tasks  what the work asks for
     * @param  bool  $isPlaned  whether its boards come flat, square and to thickness
     * @return list<RouteStep> in an order in which they can be done
     */
    public static function of(array $tasks, PartCount $parts, bool $isPlaned = false): array
    {
        $asked = [];
        foreach ($tasks as $task) {
            $id = $task->operation->id;
            if (Craft::isStep($id) && ! ($isPlaned && in_array($id, self::ROUGH, true))) {
                $asked[$id] ??= $task;
            }
        }
        $sides = [
            ...isset($asked['transfer'], $asked['saw-dovetail']) ? self::DOVETAIL : [],
            ...isset($asked['mark-mortise']) ? self::TENON : [],
        ];
        uksort($asked, static fn (string $a, string $b): int => self::place($a) <=> self::place($b));

        return self::after(self::sided($asked, $sides, $parts));
    }

    /** @return array{int, int} */
    private static function place(string $operation): array
    {
        $craft = Craft::of($operation);

        return [$craft->strand->value, $craft->place];
    }

    /**
     * @param  array<string, Task>  $asked
     * @param  list<list<string|null>>  $sides
     * @return list<RouteStep> what belongs to a side after the others of its side alone
     */
    private static function sided(array $asked, array $sides, PartCount $parts): array
    {
        $steps = [];
        foreach ($sides as $side) {
            [$operation, $of] = $side;
            if (isset($asked[$operation])) {
                $before = array_values(array_filter(array_slice($side, 2), is_string(...)));
                $steps["$operation $of"] = self::step("$operation $of", $asked[$operation], (string) $of, $parts,
                    array_values(array_filter($before, static fn (string $id): bool => isset($steps[$id]))));
            }
        }
        $isSided = array_fill_keys(array_map(static fn (array $side): string => (string) $side[0], $sides), true);
        foreach ($asked as $operation => $task) {
            if (! isset($isSided[$operation])) {
                $steps[$operation] = self::step($operation, $task, '', $parts, []);
            }
        }
        $steps = array_values($steps);
        usort($steps, static fn (RouteStep $a, RouteStep $b): int => $a->craft->strand->value
            <=> $b->craft->strand->value);

        return $steps;
    }

    /** @param  list<string>  $after */
    private static function step(string $id, Task $task, string $of, PartCount $parts, array $after): RouteStep
    {
        $craft = Craft::of($task->operation->id);

        return new RouteStep($id, $task, $craft, $of, $parts->of($craft->part), $after);
    }

    /**
     * What has no side follows the one before it in its strand, and the ends of the strands before.
     *
     * @param  list<RouteStep>  $steps
     * @return list<RouteStep>
     */
    private static function after(array $steps): array
    {
        $led = [];
        foreach ($steps as $index => $step) {
            $after = $step->after;
            foreach (array_slice($steps, 0, $index) as $before) {
                $follows = in_array($before->craft->strand, $step->craft->strand->follows(), true);
                $chained = $before->craft->strand === $step->craft->strand && ($step->of === '' || $before->of === '');
                if ($follows || $chained) {
                    $after[] = $before->id;
                }
            }
            $led[] = new RouteStep($step->id, $step->task, $step->craft, $step->of, $step->times,
                array_values(array_unique($after)));
        }

        return $led;
    }
}
