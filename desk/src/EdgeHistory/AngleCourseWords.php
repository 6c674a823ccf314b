<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\Basis;
use JackRest\Core\EdgeHistory\AngleCourse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Explanation;

/** Where an edge's honed angle is going, in words. */
final readonly class AngleCourseWords
{
    public function __construct(private AngleCourse $course)
    {
    }

    public function sentence(): ?string
    {
        $over = $this->course->overDeg();
        if ($over === null) {
            return null;
        }
        if ($over > $this->course->toleranceDeg) {
            return 'It has crept '.
                LengthFormatter::decimal($over, 1).
                '° steeper than the '.
                LengthFormatter::decimal($this->course->aimDeg, 1).
                '° it is meant to have: back to the stones.';
        }
        $days = $this->course->daysLeft();

        return $days === null
            ? 'Within '.
                    LengthFormatter::decimal($this->course->toleranceDeg, 1).
                    '° of the '.
                    LengthFormatter::decimal($this->course->aimDeg, 1).
                    '° it is meant to have.'
            : 'It steepens; in about '.
                    DaysInWords::about($days).
                    ' it is '.
                    LengthFormatter::decimal($this->course->toleranceDeg, 1).
                    '° over: then back to the stones.';
    }

    public function explained(): ?Explanation
    {
        $line = $this->course->line();

        return $line === null
            ? null
            : new Explanation(
                'How fast does it steepen?',
                'a least-squares line through the measured angles since the last grinding',
                LengthFormatter::fixed($line->slope * 30.44, 2).
                    '° a month over '.
                    count($this->course->measured).
                    ' measurements',
                Basis::Published,
                'Least squares (Legendre, 1805). How far it may creep is your school’s.',
            );
    }
}
