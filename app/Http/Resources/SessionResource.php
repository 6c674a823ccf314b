<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\HoningSession;
use JackRest\Core\Edge\SharpeningPlan;

/** A honing session as bench mode walks it. */
final class SessionResource
{
    /** @return array<string, mixed> */
    public static function of(HoningSession $session): array
    {
        return [
            'id' => $session->id,
            'version' => $session->version,
            'edgeId' => $session->edge_id,
            'edge' => $session->edge->name,
            'state' => $session->state,
            'phase' => $session->phase,
            'atStep' => $session->at_step,
            'steps' => $session->steps,
            'counted' => $session->counted,
            'secondsPerStroke' => 1.0,
            'caution' => SharpeningPlan::CAUTION,
        ];
    }
}
