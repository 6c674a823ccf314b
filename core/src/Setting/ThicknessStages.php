<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Timber\WoodMovement;

/**
 * A board brought to its thickness in stages, resting between them, so that it moves before the last shaving.
 *
 * A plainsawn board whose faces were flat cups, when its rings open or close, by
 * (width/2)·atan(width/(2·ring radius))·(C_T − C_R)·|Δm| (polar geometry; C by the *Wood Handbook*). Each stage leaves,
 * for every rest still to come, that cup and twice the skim. Time constant and skim are from memory. Tension that
 * sawing released is not in it.
 */
#[Calculates('thickness-stages', 'A board brought to thickness in stages')]
final class ThicknessStages
{
    private const NEAR = 1e-9;

    /** @throws InvalidInput when the stock is too thin for so many stages */
    public function __invoke(ThicknessStagesInput $board): ThicknessStagesResult
    {
        $targets = self::targets($board, $board->stages);
        if ($targets[0] > $board->fromMm + self::NEAR) {
            throw self::tooThin($board);
        }
        $stages = [];
        $thickness = $board->fromMm;
        foreach ($targets as $stage => $target) {
            $stages[] = new ThicknessStage(
                $target,
                $thickness - $target,
                Rounding::up(($thickness - $target) / 2 / $board->shavingMm),
                $board->moistureAfter($stage),
                $stage === $board->stages - 1 ? 0.0 : self::cupMm($board, $stage),
            );
            $thickness = $target;
        }

        return new ThicknessStagesResult(
            $stages,
            $board->restDays * ($board->stages - 1),
            abs($board->restMcPct - $board->moistureAfter($board->stages - 1)),
        );
    }

    /** Cup of the rest after a stage, mm. */
    public static function cupMm(ThicknessStagesInput $board, int $stage): float
    {
        $coefficient = WoodMovement::coefficient($board->tangentialPct)
            - WoodMovement::coefficient($board->radialPct);

        return $board->widthMm / 2 * atan($board->widthMm / (2 * $board->ringRadiusMm)) * $coefficient
            * abs($board->moistureAfter($stage) - $board->moistureAfter($stage + 1));
    }

    /** @return non-empty-list<float> thickness to stop at, stage by stage, mm */
    private static function targets(ThicknessStagesInput $board, int $stages): array
    {
        $target = $board->toMm;
        $targets = [$target];
        for ($stage = $stages - 2; $stage >= 0; $stage--) {
            $target += self::cupMm($board, $stage) + 2 * $board->skimMm;
            array_unshift($targets, $target);
        }

        return $targets;
    }

    private static function tooThin(ThicknessStagesInput $board): InvalidInput
    {
        for ($fit = $board->stages - 1; $fit > 0; $fit--) {
            if (self::targets($board, $fit)[0] <= $board->fromMm + self::NEAR) {
                return InvalidInput::because(
                    'stages',
                    "the stock is too thin for so many: $fit would fit",
                );
            }
        }

        return InvalidInput::because('toMm', "must be $board->fromMm mm or less: planing only takes off");
    }
}
