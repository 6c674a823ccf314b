<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Edge\ComparedSchool;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\LeftReason;
use JackRest\Core\Edge\LeftStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Edge\StopEarly;
use JackRest\Core\Measure\LengthFormatter;

/** The plan as the next stroke: one plain sentence, why, and what follows. */
final readonly class SharpeningWords
{
    /** The usual cautions; common practice. */
    public const CAUTION = 'Keep both hands behind the edge. Feel for the burr by sliding a finger off the edge, '
        .'never toward it or along it. Local rules and trained teaching come first.';

    public const GRINDING_CAUTION = 'Grinding: eye protection, rest close to a sound and guarded wheel, no gloves, '
        .'no loose sleeves; cool the steel before it colours. Maker’s instructions, local rules and trained teaching '
        .'come first.';

    public function __construct(
        private SharpeningPlan $plan,
        private EdgeNeed $need,
        private LengthFormatter $format,
    ) {
    }

    /** @return list<string> one sentence for each stone left in the rack */
    public function left(): array
    {
        return array_map(self::whyLeft(...), $this->plan->left());
    }

    /** What speaks against it; null: nothing. */
    public function warning(): ?string
    {
        $width = round($this->plan->state->contactLengthMm, 1);

        return $this->plan->isWide()
            ? "This leaves a secondary bevel of $width mm. Past 2 mm it is quicker to grind the bevel back first."
            : null;
    }

    public function nextStroke(): string
    {
        $says = array_map($this->one(...), $this->plan->steps, array_keys($this->plan->steps));

        return ucfirst($this->minutesFirst().implode(', then ', $says)).'.';
    }

    public function why(): string
    {
        $back = $this->format->small($this->plan->recessionMm);
        $width = $this->format->small($this->plan->state->contactLengthMm);
        $over =
            $this->plan->state->contactLengthMm > SharpeningPlan::WIDEST_MICRO_BEVEL_MM + 1e-9
                ? "over a bevel $width long"
                : "over a secondary bevel $width wide";

        return match ($this->need) {
            EdgeNeed::TouchUp => "A touch-up takes the edge back $back, $over.",
            EdgeNeed::Dull => "A dull edge must go back $back, $over.",
            EdgeNeed::Nicked => $this->plan->steps[0]->kind === StepKind::Grind
                ? "Honing the nick out would leave too wide a secondary bevel: grind the whole bevel back $back, "
                    .'then hone.'
                : "The nick is gone when the edge has gone back $back; the secondary bevel is then $width wide.",
            EdgeNeed::FreshGrind => "The first honing on a fresh grind: the edge goes back $back, $over.",
            EdgeNeed::Back => "The back comes down over $width of its length: once, and in full.",
            EdgeNeed::Bevel => 'First the new bevel, then the first honing on it.',
            EdgeNeed::Curve => 'First the curve, most at the corners; then the first honing on it, rocked from side '
                .'to side.',
        };
    }

    public function minutes(): string
    {
        return self::inMinutes($this->plan->totalSeconds);
    }

    private function one(SharpeningStep $step, int $index): string
    {
        return match (true) {
            $step->strokes === 0 => self::inMinutes($step->seconds)." on the {$step->stone->name}",
            $step->kind === StepKind::Strop => "ten a side on the {$step->stone->name}",
            $index > 0 => "{$step->strokes} on the {$step->stone->name}",
            $step->strokes === 1 => "1 stroke on the {$step->stone->name}",
            default => "{$step->strokes} strokes on the {$step->stone->name}",
        };
    }

    /** Hundreds of strokes are read as minutes first. */
    private function minutesFirst(): string
    {
        $strokes = array_sum(array_map(static fn (SharpeningStep $step): int => $step->strokes, $this->plan->steps));

        return $strokes >= 200 ? $this->minutes().': ' : '';
    }

    private static function whyLeft(LeftStone $left): string
    {
        $seconds = round($left->extraSeconds);

        return "The {$left->stone->name} stays in the rack: ".match ($left->why) {
            LeftReason::NoSequence => 'no sequence through it ends fine enough.',
            LeftReason::TooCoarse => "too little is to come off to start so coarse (+ $seconds s).",
            LeftReason::TooFine => "finer than this edge needs (+ $seconds s).",
            LeftReason::Slower => "over so small a face the next stone takes the scratches out sooner (+ $seconds s).",
        };
    }

    public static function stop(StopEarly $stop): string
    {
        $saves =
            $stop->savesSeconds < 60 ? round($stop->savesSeconds).' s' : round($stop->savesSeconds / 60).' min';

        return "Stop after the {$stop->stone}: good enough for {$stop->goodFor->work()}, saves $saves.";
    }

    /** What another school would do, or why it cannot here. */
    public static function school(ComparedSchool $compared): string
    {
        return $compared->plan === null
            ? (string) $compared->lacks
            : implode(
                ', ',
                array_map(
                    static fn (SharpeningStep $step): string => $step->strokes === 0
                        ? $step->stone->name
                        : "{$step->strokes} on the {$step->stone->name}",
                    $compared->plan->steps,
                ),
            ).'.';
    }

    public static function inMinutes(float $seconds): string
    {
        return match (true) {
            $seconds < 60 => 'under a minute',
            $seconds < 90 => 'about a minute',
            default => 'about '.(int) round($seconds / 60).' minutes',
        };
    }
}
