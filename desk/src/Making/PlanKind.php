<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Desk\Making\Plans\BenchHookPlan;
use JackRest\Desk\Making\Plans\BridleSquarePlan;
use JackRest\Desk\Making\Plans\MalletPlan;
use JackRest\Desk\Making\Plans\ShootingBoardPlan;
use JackRest\Desk\Making\Plans\SlopeTemplatePlan;
use JackRest\Desk\Making\Plans\StraightedgePlan;
use JackRest\Desk\Making\Plans\TenonSquarePlan;
use JackRest\Desk\Making\Plans\WindingSticksPlan;

/** What can be made by a plan. A new one is a case here and a class of `Making`. */
enum PlanKind: string
{
    case BridleSquare = 'bridle-square';
    case TenonSquare = 'tenon-square';
    case Straightedge = 'straightedge';
    case WindingSticks = 'winding-sticks';
    case SlopeTemplate = 'slope-template';
    case ShootingBoard = 'shooting-board';
    case BenchHook = 'bench-hook';
    case Mallet = 'mallet';

    public function label(): string
    {
        return match ($this) {
            self::BridleSquare => 'try square, bridle joint and pins',
            self::TenonSquare => 'try square, twin through tenons',
            self::Straightedge => 'straightedge with an arched back',
            self::WindingSticks => 'pair of winding sticks',
            self::SlopeTemplate => 'slope template, two-sided',
            self::ShootingBoard => 'shooting board',
            self::BenchHook => 'bench hook',
            self::Mallet => 'mallet',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::BridleSquare => 'The blade is glued into a slot in the stock and pinned: simple, and good.',
            self::TenonSquare => 'Two tenons of the blade go through the stock: more work to get square.',
            self::Straightedge => 'One true edge; the other follows a bent batten, so that nobody mistakes it.',
            self::WindingSticks => 'Made as one piece and ripped apart, one with a line of contrasting wood.',
            self::SlopeTemplate => 'A fenced plate with the slope on both sides: tails are marked both ways round '
                .'from one face.',
            self::ShootingBoard => 'Guides a plane square across an end.',
            self::BenchHook => 'Holds small work against the saw.',
            self::Mallet => 'A head with a tapered mortise: the harder it strikes, the tighter it sits.',
        };
    }

    /** The plan by which a kind of tool is made; null: there is none. */
    public static function forTool(string $kind): ?self
    {
        return match ($kind) {
            'try-square', 'large-square' => self::BridleSquare,
            'straightedge' => self::Straightedge,
            'winding-sticks' => self::WindingSticks,
            'dovetail-template' => self::SlopeTemplate,
            'shooting-board' => self::ShootingBoard,
            'bench-hook' => self::BenchHook,
            'mallet' => self::Mallet,
            default => null,
        };
    }

    /** @return class-string<MakingPlan> */
    private function plan(): string
    {
        return match ($this) {
            self::BridleSquare => BridleSquarePlan::class,
            self::TenonSquare => TenonSquarePlan::class,
            self::Straightedge => StraightedgePlan::class,
            self::WindingSticks => WindingSticksPlan::class,
            self::SlopeTemplate => SlopeTemplatePlan::class,
            self::ShootingBoard => ShootingBoardPlan::class,
            self::BenchHook => BenchHookPlan::class,
            self::Mallet => MalletPlan::class,
        };
    }

    /** @return non-empty-list<PlanField> */
    public function fields(): array
    {
        return $this->plan()::fields();
    }

    public function of(PlanSizes $sizes): MakingPlan
    {
        $class = $this->plan();

        return new $class($sizes);
    }
}
