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
        /** @var list<array{list<list<int>>, array<int, true>}> $knots options, and the tools in them as keys */
        $knots = [];
        foreach ($options as $sets) {
            $knot = [$sets, array_fill_keys(array_merge(...$sets), true)];
            while (($with = self::partner($knot, $knots)) !== null) {
                [$place, $both] = $with;
                $knot = [$both, $knot[1] + $knots[$place][1]];
                array_splice($knots, $place, 1);
            }
            $knots[] = $knot;
        }

        return array_column($knots, 0);
    }

    /**
     * @param  array{list<list<int>>, array<int, true>}  $knot
     * @param  list<array{list<list<int>>, array<int, true>}>  $knots
     * @return array{int, list<list<int>>}|null place of one to be asked for with it, and the options of both
     */
    private static function partner(array $knot, array $knots): ?array
    {
        [$sets, $tools] = $knot;
        foreach ($knots as $place => [$others, $theirs]) {
            if (
                count($sets) * count($others) > self::PRODUCT ||
                array_intersect_key($tools, $theirs) === []
            ) {
                continue;
            }
            $both = self::both($sets, $others);
            if (count($both) <= min(self::OPTIONS, count($sets) + count($others))) {
                return [$place, $both];
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
