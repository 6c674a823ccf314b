<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\AugersOfBench;
use App\Bench\MakingSession;
use App\Bench\ScrapersOfBench;
use App\Models\BenchSession;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\StepKind;
use JackRest\Desk\Filing\AugerBitForm;
use JackRest\Desk\Filing\SawForm;
use JackRest\Desk\Filing\ScraperForm;
use JackRest\Desk\Making\Cautions;
use JackRest\Desk\Truing\PlaningStep;

/** A session as bench mode walks it. */
final class SessionResource
{
    /** @return array<string, mixed> */
    public static function of(BenchSession $session): array
    {
        return [
            'id' => $session->id,
            'version' => $session->version,
            'edgeId' => $session->edge_id,
            'edge' => $session->name(),
            'purpose' => $session->purpose(),
            'place' => match ($session->purpose()) {
                'making' => self::placeOfMaking($session),
                'filing' => self::placeOfFiling($session),
                default => $session->reference()?->path(),
            },
            'state' => $session->state,
            'phase' => $session->phase,
            'atStep' => $session->at_step,
            'steps' => array_map(self::step(...), $session->steps),
            'counted' => $session->counted,
            'secondsPerStroke' => 1.0,
            'caution' => match ($session->purpose()) {
                'planing' => PlaningStep::CAUTION,
                'making' => Cautions::TEXT,
                'filing' => match ($session->condition) {
                    ScrapersOfBench::TURNED => ScraperForm::CAUTION,
                    AugersOfBench::FILED => AugerBitForm::CAUTION,
                    default => SawForm::CAUTION,
                },
                default => SharpeningPlan::CAUTION.(self::grinds($session) ? ' '.SharpeningPlan::GRINDING_CAUTION : ''),
            },
        ];
    }

    /** Once it is made where its first test is made, or the tool itself; until then its own page. */
    private static function placeOfMaking(BenchSession $session): ?string
    {
        $making = $session->making;

        return match (true) {
            $making === null => null,
            $making->state !== 'made' => $making->path(),
            default => MakingSession::placeOf($making) ?? "/kit/tools/{$making->tool_id}",
        };
    }

    private static function placeOfFiling(BenchSession $session): string
    {
        return '/edges/'.match ($session->condition) {
            ScrapersOfBench::TURNED => 'scrapers',
            AugersOfBench::FILED => 'augers',
            default => 'saws',
        }."/{$session->tool_id}";
    }

    /**
     * @param  array<string, mixed>  $step
     * @return array<string, mixed>
     */
    private static function step(array $step): array
    {
        return [
            'stone' => $step['stone'],
            'particleUm' => $step['particleUm'],
            'strokes' => $step['strokes'],
            'seconds' => $step['seconds'],
            'see' => $step['see'],
            'kind' => $step['kind'] ?? StepKind::Hone->value,
            'edge' => $step['edge'] ?? '',
            'says' => $step['says'] ?? '',
            'of' => $step['of'] ?? 'strokes',
        ];
    }

    private static function grinds(BenchSession $session): bool
    {
        return in_array(StepKind::Grind->value, array_column($session->steps, 'kind'), true);
    }
}
