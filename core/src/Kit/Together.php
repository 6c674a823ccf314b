<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * Operations that must all be served, asked for two at a time where that makes no more options than apart.
 *
 * A bound sees a whole option of both where it saw halves of either: of three tools any two of which do, it knows
 * that one is not enough.
 */
final readonly class Together
{
    /** Options looked at for a pair: what has more is no small knot, and looking would cost more than it gains. */
    private const PRODUCT = 9;

    private const OPTIONS = 6;

    /**
     * @param  list<list<list<int>>>  $options  sets of tools by operation; none contains another
     * @return list<list<list<int>>>
     */
    public static function asked(array $options): array
    {
        $knots = $with = [];
        foreach ($options as $place => $sets) {
            while (($partner = self::partner($sets, $knots, $with)) !== null) {
                [$other, $sets] = $partner;
                unset($knots[$other]);
            }
            $knots[$place] = $sets;
            foreach (array_merge(...$sets) as $tool) {
                $with[$tool][$place] = true;
            }
        }

        return array_values($knots);
    }

    /**
     * @param  list<list<int>>  $sets
     * @param  array<int, list<list<int>>>  $knots
     * @param  array<int, array<int, true>>  $with  places of knots, of some that are no more too, by tool
     * @return array{int, list<list<int>>}|null place of one to be asked for with it, and the options of both
     */
    private static function partner(array $sets, array $knots, array $with): ?array
    {
        foreach (array_unique(array_merge(...$sets)) as $tool) {
            foreach (array_keys($with[$tool] ?? []) as $place) {
                $others = $knots[$place] ?? null;
                if ($others === null || count($sets) * count($others) > self::PRODUCT) {
                    continue;
                }
                $both = self::both($sets, $others);
                if (count($both) <= min(self::OPTIONS, count($sets) + count($others))) {
                    return [$place, $both];
                }
            }
        }

        return null;
    }

    /**
     * @param  list<list<int>>  $sets
     * @param  list<list<int>>  $others
     * @return list<list<int>>
     */
    private static function both(array $sets, array $others): array
    {
        $both = [];
        foreach ($sets as $set) {
            foreach ($others as $other) {
                $union = array_values(array_unique([...$set, ...$other]));
                sort($union);
                $both[] = $union;
            }
        }

        return CoverParts::smallest($both);
    }
}
