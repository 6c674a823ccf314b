<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class BoreTurnsInput
{
    /** @throws InvalidInput when a depth goes through the board, or the screw through before the rim begins */
    public function __construct(
        #[Field('how far the screw pulls the bit at each turn, mm', above: 0)] public float $leadMm,
        #[Field('length of the screw, mm', atLeast: 0)] public float $screwMm,
        #[Field('depth of the hole at its rim, mm', above: 0)] public ?float $depthMm = null,
        #[Field('thickness it goes through, mm', above: 0)] public ?float $throughMm = null,
        #[Field('thickness of the board, mm', above: 0)] public ?float $boardMm = null,
        #[Field('how far the brace can swing, degrees; less than a turn with its ratchet', above: 0, atMost: 360)]
        public float $arcDeg = 360.0,
        #[Field('time of a turn, seconds', above: 0)] public float $secondsPerTurn = 1.5,
    ) {
        if (($depthMm === null) === ($throughMm === null)) {
            throw InvalidInput::because('depthMm', 'give either the depth or what it goes through');
        }
        if ($depthMm !== null && $boardMm !== null && $depthMm >= $boardMm) {
            throw InvalidInput::because(
                'depthMm',
                "goes through the board ($boardMm mm): give throughMm for a hole that does",
            );
        }
        if ($throughMm !== null && $screwMm >= $throughMm) {
            throw InvalidInput::because('screwMm', "must be shorter than the wood is thick ($throughMm mm)");
        }
    }
}
