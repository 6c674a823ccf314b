<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\ShopMade;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/** Everything that could be had: the user's own list first, then each kind the school offers in its usual sizes. */
final class Offers
{
    /**
     * @param  list<WantedTool>  $wanted
     * @return list<Offer>
     */
    public static function for(array $wanted, School $school): array
    {
        $offers = [];
        foreach ($wanted as $tool) {
            $kind = ToolKinds::named($tool->kind);
            $offers[] = new Offer(
                $tool->id,
                $tool->kind,
                $tool->name,
                [...$kind->usualSizes(), ...$tool->sizes],
                $tool->price ?? self::price($kind, $school),
                self::making($kind, $school, $tool->price),
                $tool->price !== null,
            );
        }
        $named = new ToolNamer();
        foreach (ToolKinds::all() as $kind) {
            if (! $school->offers($kind->id)) {
                continue;
            }
            foreach ($kind->offeredSizes() as $number => $sizes) {
                $sizes = [...$sizes, ...$school->sizes($kind->id)];
                if (! self::isListed($wanted, $kind, $sizes)) {
                    $offers[] = new Offer(
                        $kind->series === [] ? $kind->id : "{$kind->id}-".($number + 1),
                        $kind->id,
                        $named->plain($kind, $sizes),
                        $sizes,
                        self::price($kind, $school),
                        self::making($kind, $school, null),
                    );
                }
            }
        }

        return $offers;
    }

    public static function price(ToolKind $kind, School $school): float
    {
        return self::making($kind, $school, null)->cost ?? self::shopPrice($kind, $school);
    }

    /** Rounded as one would plan: to whole units. */
    public static function shopPrice(ToolKind $kind, School $school): float
    {
        return max(1.0, round($kind->price * $school->priceFactor()));
    }

    /** A price of the user's own is the price of buying it. */
    private static function making(ToolKind $kind, School $school, ?float $ownPrice): ?ShopMade
    {
        return $ownPrice === null && $school->makes($kind) ? $kind->making : null;
    }

    /**
     * Whether the user's list has one of this kind that stands for this offer: of the same size where sizes matter.
     *
     * @param  list<WantedTool>  $wanted
     * @param  array<string, float>  $sizes
     */
    private static function isListed(array $wanted, ToolKind $kind, array $sizes): bool
    {
        $matters = $kind->series === [] ? null : array_key_first($kind->series[0]);
        foreach ($wanted as $tool) {
            if (
                $tool->kind === $kind->id &&
                ($matters === null ||
                    abs(($tool->sizes[$matters] ?? $kind->usualSizes()[$matters]) - $sizes[$matters]) <= 0.5)
            ) {
                return true;
            }
        }

        return false;
    }
}
