<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * Tools that are in no best set: another of less value (or of the same, and before it) does whatever they do.
 *
 * Wherever such a tool were in a set, the other could stand in its place: the set would serve as much for less, or
 * come first among those of the same value. Sizes of one kind at one price are mostly such.
 */
final readonly class DominatedTools
{
    /** @param  array<int, int>  $values  by tool */
    public function __construct(private array $values)
    {
    }

    /**
     * @param  array<int, list<list<int>>>  $options  sets of tools, ascending, by operation; none contains another
     * @return array<int, list<list<int>>> without the options that hold a dominated tool
     */
    public function leftOut(array $options): array
    {
        do {
            [$known, $ofTool] = $this->indexed($options);
            // All at once: what stands in for a tool comes before it, so the first of a row of them always stays.
            $found = array_filter(
                $ofTool,
                fn (array $places, int $tool): bool => $this->isDominated($tool, $places, $options, $known),
                ARRAY_FILTER_USE_BOTH,
            );
            $options = $found === [] ? $options : self::withoutTools($options, $found);
        } while ($found !== []);

        return $options;
    }

    /**
     * @param  array<int, list<list<int>>>  $options
     * @return array{array<int, array<string, true>>, array<int, list<array{int, int}>>} which sets an operation has,
     *                                                                                  where each tool stands
     */
    private function indexed(array $options): array
    {
        $known = $ofTool = [];
        foreach ($options as $operation => $sets) {
            foreach ($sets as $place => $set) {
                $known[$operation][implode(' ', $set)] = true;
                foreach ($set as $tool) {
                    $ofTool[$tool][] = [$operation, $place];
                }
            }
        }

        return [$known, $ofTool];
    }

    /**
     * @param  list<array{int, int}>  $places
     * @param  array<int, list<list<int>>>  $options
     * @param  array<int, array<string, true>>  $known
     */
    private function isDominated(int $tool, array $places, array $options, array $known): bool
    {
        [$operation, $place] = $places[0] ?? [-1, 0];
        foreach ($options[$operation] ?? [] as $set) {
            // Only a tool that stands in its place here can stand in its place everywhere.
            $others = array_diff($set, $options[$operation][$place]);
            $other = count($others) === 1 ? reset($others) : null;
            if (
                $other !== null &&
                $this->comesBefore($other, $tool) &&
                self::stands($other, $tool, $places, $options, $known)
            ) {
                return true;
            }
        }

        return false;
    }

    private function comesBefore(int $other, int $tool): bool
    {
        return [$this->values[$other], $other] < [$this->values[$tool], $tool];
    }

    /**
     * @param  list<array{int, int}>  $places
     * @param  array<int, list<list<int>>>  $options
     * @param  array<int, array<string, true>>  $known
     */
    private static function stands(int $other, int $tool, array $places, array $options, array $known): bool
    {
        foreach ($places as [$operation, $place]) {
            $set = array_diff($options[$operation][$place], [$tool]);
            if (! in_array($other, $set, true)) {
                $set[] = $other;
            }
            sort($set);
            if (! isset($known[$operation][implode(' ', $set)])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, list<list<int>>>  $options
     * @param  array<int, mixed>  $tools  keyed by tool
     * @return array<int, list<list<int>>>
     */
    private static function withoutTools(array $options, array $tools): array
    {
        return array_map(
            static fn (array $sets): array => array_values(
                array_filter(
                    $sets,
                    static fn (array $set): bool => array_intersect_key(array_flip($set), $tools) === [],
                ),
            ),
            $options,
        );
    }
}
