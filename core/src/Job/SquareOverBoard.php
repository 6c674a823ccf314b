<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Work\Ask;

/**
 * How far a line marked across a board may be out of square, by the square's last test: its error and what is not known
 * of it, carried over the board's width (geometry).
 */
final readonly class SquareOverBoard
{
    /** What a joint bears that is to be glued; common practice. */
    public const BEARS_MM = Ask::GLUED_MM;

    public float $outMm;

    /**
     * @param  float  $overMm  the length of blade its error was found over
     *
     * @throws InvalidInput
     */
    public function __construct(Tested $last, float $overMm, public float $boardMm)
    {
        if ($overMm <= 0.0) {
            throw InvalidInput::because('overMm', 'must be more than nothing');
        }
        $this->outMm = (abs($last->errorMm) + $last->uncertaintyMm) * $boardMm / $overMm;
    }

    public function isTrusted(): bool
    {
        return $this->outMm <= self::BEARS_MM;
    }
}
