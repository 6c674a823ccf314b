<?php

declare(strict_types=1);

namespace JackRest\Desk\Session;

use JackRest\Core\Edge\StepKind;
use JackRest\Desk\Edge\SharpeningWords;
use JackRest\Desk\Filing\AugerBitForm;
use JackRest\Desk\Filing\SawForm;
use JackRest\Desk\Filing\ScraperForm;
use JackRest\Desk\Job\JobWords;
use JackRest\Desk\Making\Cautions;
use JackRest\Desk\Reference\PlaningStep;

/** What is walked in bench mode, and the words that go with it. */
enum SessionKind: string
{
    /** One edge, stone by stone. */
    case Honing = 'honing';
    /** Several edges, each stone once. */
    case Day = 'day';
    /** The strokes that correct a reference after its test. */
    case Planing = 'planing';
    /** A saw, tooth by tooth. */
    case Filing = 'filing';
    /** A scraper's burr. */
    case Turning = 'turning';
    /** An auger bit. */
    case BitFiling = 'bit-filing';
    /** A stage of something that is made by a plan. */
    case Making = 'making';
    /** A recess, a hole, shavings to a size: strokes or turns counted. */
    case Cutting = 'cutting';
    /** A while at a work that is made in many steps. */
    case Job = 'job';

    private const CUTTING_CAUTION = 'Work held fast, both hands behind the edge, face and hair clear of the crank; '.
        'stop and hone when it wants force. These are the usual cautions; local rules and trained teaching come first.';

    /**
     * What is to be done about it while it waits: Go on honing the 25 mm chisel.
     *
     * @param  SessionStep|null  $step  where it was left
     */
    public function goOn(string $name, ?SessionStep $step = null): string
    {
        return match ($this) {
            self::Honing => "Go on honing the $name.",
            self::Day => "Go on with the $name.",
            self::Planing => $step?->isRubbed() ?? false ? "Go on rubbing the $name." : "Go on planing the $name.",
            self::Filing, self::BitFiling => "Go on filing the $name.",
            self::Turning => "Go on turning the $name.",
            self::Making => "Go on making the $name.",
            self::Cutting => "Go on cutting the $name.",
            self::Job => "Go on with the $name.",
        };
    }

    /** Where it was left. */
    public function stoppedAt(SessionStep $step): string
    {
        return match ($this) {
            self::Planing => "The stroke {$step->title} is next.",
            self::Making, self::Job => "You stopped at “{$step->title}”.",
            default => "You stopped at the {$step->title}.",
        };
    }

    /** @param  list<SessionStep>  $steps */
    public function caution(array $steps): string
    {
        $grinds =
            array_filter($steps, static fn (SessionStep $step): bool => $step->kind === StepKind::Grind->value) !== [];

        return match ($this) {
            self::Honing, self::Day => SharpeningWords::CAUTION.
                ($grinds ? ' '.SharpeningWords::GRINDING_CAUTION : ''),
            self::Planing => $steps !== [] && $steps[0]->isRubbed()
                ? PlaningStep::RUBBING_CAUTION
                : PlaningStep::CAUTION,
            self::Filing => SawForm::CAUTION,
            self::Turning => ScraperForm::CAUTION,
            self::BitFiling => AugerBitForm::CAUTION,
            self::Making => Cautions::TEXT,
            self::Cutting => self::CUTTING_CAUTION,
            self::Job => JobWords::CAUTION,
        };
    }
}
