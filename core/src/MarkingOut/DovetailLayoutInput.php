<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;

/** Widths are at the end of the tail board, where tails are widest. */
final readonly class DovetailLayoutInput
{
    /** More are never cut, and each has its lines in the answer. */
    private const MOST_TAILS = 500;

    private const NEAR = 1e-9;

    public float $eachPinMm;

    public int $count;

    /**
     * @param  list<float>|null  $chiselsMm
     *
     * @throws InvalidInput when there is no room for pins and tails, or a tail has no width at its baseline
     */
    public function __construct(
        #[Field('width of the boards, mm', above: 0)] public float $boardWidthMm,
        #[Field('thickness of the tail board, mm', above: 0)] public float $tailBoardMm,
        #[Field('thickness of the pin board, mm', above: 0)] public float $pinBoardMm,
        #[Field('slope: so many along to one across (6 for 1:6)', above: 0)] public float $ratio,
        #[Field('half pin at each edge, mm', above: 0)] public float $halfPinMm,
        #[Field('pin between two tails, mm; as wide as a half pin where it is not told', above: 0)]
        public ?float $pinMm = null,
        #[Field('how many tails', atLeast: 1, atMost: self::MOST_TAILS)] public ?int $tails = null,
        #[Field('wanted width of a tail, mm', above: 0)] public ?float $tailMm = null,
        #[Field('depth of a rebate inside the tails that registers the joint, mm', atLeast: 0)]
        public float $rebateMm = 0.0,
        #[Field('how far the ends stand proud, to be planed flush, mm', atLeast: 0)] public float $proudMm = 0.0,
        #[Field('width of the saw\'s kerf, mm', above: 0)] public ?float $kerfMm = null,
        #[Field('widths of the chisels at hand, mm', of: 'number', above: 0, maxItems: 1000)]
        public ?array $chiselsMm = null,
    ) {
        if (($tails === null) === ($tailMm === null)) {
            throw InvalidInput::because(
                $tails === null ? 'tails' : 'tailMm',
                'give either how many tails or the width of one',
            );
        }
        if (2 * $halfPinMm >= $boardWidthMm - self::NEAR) {
            throw InvalidInput::because(
                'halfPinMm',
                'the two half pins meet: each must be less than half the board’s width ('.
                    $boardWidthMm / 2 .' mm)',
            );
        }
        if ($rebateMm >= $tailBoardMm + $proudMm) {
            throw InvalidInput::because('rebateMm', "must be less than the tail board is thick ($tailBoardMm mm)");
        }
        $this->eachPinMm = $pinMm ?? $halfPinMm;
        $this->count = $tails ?? $this->counted((float) $tailMm);
        $this->checkTails();
    }

    /** From one tail to the next, as the dividers are set, mm. */
    public function dividerMm(): float
    {
        return ($this->boardWidthMm - 2 * $this->halfPinMm + $this->eachPinMm) / $this->count;
    }

    public function eachTailMm(): float
    {
        return $this->dividerMm() - $this->eachPinMm;
    }

    /** How long a tail is: as the pin board is thick, and what stands proud, mm. */
    public function tailLengthMm(): float
    {
        return $this->pinBoardMm + $this->proudMm;
    }

    /** How far a slope runs to the side between end and baseline, mm. */
    public function slantMm(): float
    {
        return $this->tailLengthMm() / $this->ratio;
    }

    private function counted(float $tailMm): int
    {
        $room = $this->boardWidthMm - 2 * $this->halfPinMm + $this->eachPinMm;
        $count = max(1, Rounding::nearest($room / ($tailMm + $this->eachPinMm)));
        if ($count > self::MOST_TAILS) {
            throw InvalidInput::because('tailMm', "that would be $count tails: make one wider");
        }

        return $count;
    }

    /** @throws InvalidInput */
    private function checkTails(): void
    {
        $field = $this->tails === null ? 'tailMm' : 'tails';
        if ($this->eachTailMm() <= self::NEAR) {
            throw InvalidInput::because($field, 'nothing is left of the tails: fewer of them, or narrower pins');
        }
        if ($this->eachTailMm() - 2 * $this->slantMm() <= self::NEAR) {
            $least = 2 * $this->tailLengthMm() / $this->eachTailMm();
            throw InvalidInput::because(
                'ratio',
                'the tails vanish at the baseline: a gentler slope than 1:'.round($least, 2).', or fewer tails',
            );
        }
    }
}
