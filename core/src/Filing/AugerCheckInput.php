<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class AugerCheckInput
{
    /** @throws InvalidInput when a hole is given without its turns */
    public function __construct(
        #[Field('diameter across the spurs, mm', above: 0, atMost: 150)] public float $spursMm,
        #[Field('diameter of the twist behind them, mm', above: 0, atMost: 150)] public float $twistMm,
        #[
            Field('how far the spurs stand before the cutters, mm', atLeast: 0, atMost: 20),
        ]
        public ?float $spurHeightMm = null,
        #[Field('depth of a test hole, mm', above: 0)] public ?float $holeDepthMm = null,
        #[Field('turns it took', above: 0)] public ?float $turns = null,
        #[
            Field('how far a turn goes in, mm, where no hole was bored', above: 0, atMost: 10),
        ]
        public float $feedMm = 1.5,
        #[Field('what a filing takes off the spurs’ height, mm', above: 0)] public float $perFilingMm = 0.1,
        #[Field('whether it cuts clean as it is')] public bool $sharp = false,
    ) {
        if (($holeDepthMm === null) !== ($turns === null)) {
            throw InvalidInput::because(
                $turns === null ? 'turns' : 'holeDepthMm',
                'give the depth of the test hole and the turns it took, both or neither',
            );
        }
    }

    public function feed(): float
    {
        return $this->holeDepthMm === null || $this->turns === null ? $this->feedMm : $this->holeDepthMm / $this->turns;
    }
}
