<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What the stones are asked for an edge that needs something, with its readings. */
final class TaskOfEdge
{
    /** A back nobody measured: its length behind the edge, and how far out; from memory. */
    public const USUAL_BACK_MM = 40.0;

    public const USUAL_OUT_OF_FLAT_MM = 0.03;

    /** Over a thin rule only the last of the back is touched; common practice. */
    private const THIN_RULE_BACK_MM = 1.0;

    private const THIN_RULE_OUT_OF_FLAT_MM = 0.005;

    /**
     * @param  array<string, float|null>  $measured  mm: nickDepth, backLength, outOfFlat, relief; null: not measured
     */
    public static function of(
        Blade $blade,
        EdgeNeed $need,
        array $measured,
        ?float $newAngleDeg,
        SharpeningSchool $school,
        ?float $stopUm,
    ): SharpeningTask {
        $shaping = self::shaping($blade, $need, $measured, $newAngleDeg);
        $shaped =
            $need === EdgeNeed::Bevel && $newAngleDeg !== null
                ? $blade->ground(
                    $blade->thicknessMm,
                    $newAngleDeg,
                    max($newAngleDeg, $blade->secondaryDeg + $newAngleDeg - $blade->primaryDeg),
                )
                : $blade;
        $condition = $shaping === null ? $need->condition() : EdgeCondition::FreshGrind;

        return new SharpeningTask(
            $shaped,
            self::state($shaped, $condition, $need, $measured, $school),
            $school,
            $shaping,
            $stopUm,
        );
    }

    /** @param  array<string, float|null>  $measured */
    private static function state(
        Blade $blade,
        EdgeCondition $condition,
        EdgeNeed $need,
        array $measured,
        SharpeningSchool $school,
    ): EdgeStateInput {
        $thin = $school->thinRule && $blade->form->mayHaveBackBevel() && ! $blade->bevelUp;
        $back = $condition === EdgeCondition::Back;

        return new EdgeStateInput(
            $condition,
            $blade->edgeLengthMm(),
            $blade->thicknessMm,
            $blade->primaryDeg,
            $blade->secondaryDeg,
            self::width($blade, $condition),
            $condition === EdgeCondition::Nicked ? $measured['nickDepth'] : null,
            $back ? $measured['backLength'] ?? ($thin ? self::THIN_RULE_BACK_MM : self::USUAL_BACK_MM) : null,
            $back
                ? 1000 *
                    ($measured['outOfFlat'] ?? ($thin ? self::THIN_RULE_OUT_OF_FLAT_MM : self::USUAL_OUT_OF_FLAT_MM))
                : null,
        );
    }

    /** Null: nobody has told it. An edge that was honed once has some width. */
    private static function width(Blade $blade, EdgeCondition $condition): ?float
    {
        return match (true) {
            $condition === EdgeCondition::FreshGrind => 0.0,
            $blade->microWidthMm > 0.0 => $blade->microWidthMm,
            default => null,
        };
    }

    /** @param  array<string, float|null>  $measured */
    private static function shaping(Blade $blade, EdgeNeed $need, array $measured, ?float $newAngleDeg): ?Shaping
    {
        return match ($need) {
            EdgeNeed::Nicked => self::groundOut($blade, (float) $measured['nickDepth']),
            EdgeNeed::Bevel => Shaping::bevel($blade, (float) $newAngleDeg),
            EdgeNeed::Curve => Shaping::curve(
                $blade,
                (new Camber())(new CamberInput($blade->widthMm, $blade->bedDeg ?? 45.0, reliefMm: $measured['relief']))
                    ->sagMm,
            ),
            default => null,
        };
    }

    private static function groundOut(Blade $blade, float $depthMm): ?Shaping
    {
        if ($blade->secondaryDeg <= $blade->primaryDeg) {
            return null;
        }
        $route = (new Nick())(
            new NickInput($depthMm, $blade->widthMm, $blade->thicknessMm, $blade->primaryDeg, $blade->secondaryDeg),
        )->route;

        return $route === NickRoute::Grind ? Shaping::nick($blade, $depthMm) : null;
    }
}
