<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\InvalidInput;

/**
 * Steel to be taken off the whole bevel before it is honed: a nick ground out, another angle, a curve.
 *
 * A nick of depth n: n·t·w (as in `nick`). Another angle β′ for β, the edge staying where it is (β′ flatter): the
 * wedge ½·t²·(cot β′ − cot β)·w; steeper, the heel staying, the edge goes back t·(cot β − cot β′) and the same wedge
 * with its sign turned is taken. A curve of sag s: a parabola's mean is a third of it, ⅓·s·t·w. Plane geometry; the
 * wheel's
 * speed is from memory.
 */
final readonly class Shaping
{
    /** Steel a cool, dressed wheel takes with care, mm³ a second. */
    private const WHEEL_MM3_PER_SECOND = 1.5;

    /**
     * @param  float  $to  the angle it gets, degrees, or how far its corners go back, mm; 0 for a nick
     * @param  float  $recessionMm  how far the edge goes back by it
     */
    private function __construct(
        public ShapingKind $kind,
        public float $to,
        public float $volumeMm3,
        public float $recessionMm,
    ) {
    }

    public static function nick(Blade $blade, float $depthMm): self
    {
        return new self(ShapingKind::Nick, 0.0, $depthMm * $blade->thicknessMm * $blade->widthMm, $depthMm);
    }

    /** @throws InvalidInput when the bevel is there already */
    public static function bevel(Blade $blade, float $newDeg): self
    {
        $difference = 1 / tan(deg2rad($newDeg)) - 1 / tan(deg2rad($blade->primaryDeg));
        if (abs($newDeg - $blade->primaryDeg) < 0.05) {
            throw InvalidInput::because('newAngle', 'is the angle it has already');
        }
        $volume = ((abs($difference) * $blade->thicknessMm ** 2) / 2) * $blade->widthMm;

        return new self(
            $newDeg < $blade->primaryDeg ? ShapingKind::Flatter : ShapingKind::Steeper,
            $newDeg,
            $volume,
            $newDeg > $blade->primaryDeg ? abs($difference) * $blade->thicknessMm : 0.0,
        );
    }

    public static function curve(Blade $blade, float $sagMm): self
    {
        return new self(
            ShapingKind::Curve,
            $sagMm,
            ($sagMm / 3) * $blade->thicknessMm * $blade->widthMm,
            0.0,
        );
    }

    public function secondsOnWheel(): float
    {
        return $this->volumeMm3 / self::WHEEL_MM3_PER_SECOND;
    }

    /** Strokes of the whole bevel on a stone, by the same model as a honing. */
    public function strokesOn(HoningStone $stone, Blade $blade): int
    {
        $length = $blade->thicknessMm / Angle::sin($blade->primaryDeg);
        $deep = (1000 * $this->volumeMm3) / ($blade->widthMm * $length);
        $model = new StrokeModel(
            new HoningPlanInput($blade->widthMm, $length, $deep, $stone->particleUm(), [$stone->asAbrasive()]),
        );

        return $model->step(null, $stone->asAbrasive())->strokes;
    }
}
