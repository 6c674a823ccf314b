<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

final readonly class AugerCheckResult
{
    public function __construct(
        #[Field('by how much the spurs are wider than the twist, mm')] public float $clearanceMm,
        #[Field('how far a turn goes in, mm')] public float $feedMm,
        #[
            Field('by how much the spurs reach deeper than a turn goes in, mm; null: their height was not measured'),
        ]
        public ?float $reachMm,
        #[Field('filings until they reach no deeper; null: their height was not measured')] public ?int $filingsLeft,
        #[Field('what becomes of it')] public AugerVerdict $verdict,
        #[Field('why')] public string $reason,
    ) {
    }
}
