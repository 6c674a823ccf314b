<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Edge\ComparedSchool;
use JackRest\Core\Edge\EdgeDuty;
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

    /** A waterstone of 220 (JIS R 6001). */
    private const COARSE_UM = 53.0;

    // To fetch a wheel and dress it, and what is worth the trouble; from memory.
    private const WHEEL_READY_SECONDS = 120.0;

    private const WORTH_SECONDS = 300.0;

    public function __construct(
        private SharpeningPlan $plan,
        private EdgeNeed $need,
        private LengthFormatter $format,
    ) {
    }

    /** What is to be done, without a stop, as a list or a calendar has it; honing, if nothing else is known. */
    public static function job(?EdgeNeed $need, string $edge): string
    {
        return match ($need) {
            EdgeNeed::Back => "Flatten the back of the $edge",
            EdgeNeed::Nicked => "Get the nick out of the $edge",
            EdgeNeed::Bevel, EdgeNeed::Curve => "Regrind the $edge",
            default => "Hone the $edge",
        };
    }

    /** @return list<string> one sentence for each stone left in the rack */
    public function left(): array
    {
        return array_map(self::whyLeft(...), $this->plan->left());
    }

    /** What speaks against it, and what would be better; null: nothing. */
    public function warning(): ?string
    {
        $says = array_filter([$this->wide(), $this->short(), $this->slow()], is_string(...));

        return $says === [] ? null : implode(' ', $says);
    }

    private function wide(): ?string
    {
        $width = round($this->plan->state->contactLengthMm, 1);

        return $this->plan->isWide()
            ? "This leaves a secondary bevel of $width mm. Past 2 mm it is quicker to grind the bevel back first."
            : null;
    }

    /** The rack ends before the edge is as fine as it should be: it goes as far as it can. */
    private function short(): ?string
    {
        if ($this->plan->shortOfUm === null) {
            return null;
        }
        $good = EdgeDuty::goodFor($this->plan->finishUm());
        $wanted = EdgeDuty::goodFor($this->plan->shortOfUm);
        $finest = self::um($this->plan->last()->particleUm());
        $missing = self::um($this->plan->shortOfUm);

        return "It goes as fine as your {$this->plan->last()->name} ($finest): ".
            ($good === null ? 'no finer than rough work' : "good enough for {$good->work()}").
            '. '.
            ($wanted === null || $wanted === $good
                ? "A stone of $missing would finish it."
                : "A stone of $missing would make it good enough for {$wanted->work()}.");
    }

    /** Nothing in the rack is coarse enough for so much steel: how long it takes anyway, and what would shorten it. */
    private function slow(): ?string
    {
        $first = $this->plan->steps[0];
        if ($first->shaping !== null && $first->stone->medium !== Medium::Wheel) {
            $wheel = $first->shaping->secondsOnWheel() + self::WHEEL_READY_SECONDS;

            return $first->seconds - $wheel < self::WORTH_SECONDS
                ? null
                : 'On a grinding wheel the grinding would take '.self::inMinutes($wheel).' instead of '.
                    (int) round($first->seconds / 60).'.';
        }
        $with = $this->plan->secondsWith(self::COARSE_UM);

        return $with === null
            ? null
            : 'Your coarsest stone is slow for so much steel; with one of '.self::um(self::COARSE_UM).
                ' before it, it would take '.self::inMinutes($with).' instead of '.
                (int) round($this->plan->honingSeconds() / 60).'.';
    }

    private static function um(float $size): string
    {
        return LengthFormatter::decimal($size, 1).' µm';
    }

    public function nextStroke(): string
    {
        $says = array_map($this->one(...), $this->plan->steps, array_keys($this->plan->steps));

        return ucfirst(implode(', then ', $says)).'.';
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

    /** How long it takes, set-up told apart from the stones. */
    public function minutes(): string
    {
        return (new HoningTime($this->plan->totalSeconds))->says().'.';
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
