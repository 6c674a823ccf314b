<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\SetOut;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\School\School;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutForm;
use JackRest\Desk\SetOut\SetOutQuestion;

/** Asks a question of setting out by hands that own a usual kit. */
trait AsksSetOut
{
    /**
     * @param  array<string, string>  $typed
     * @param  array<string, float>  $usual
     * @param  array<string, string>  $choices
     */
    private static function asked(
        SetOutQuestion $question,
        array $typed,
        array $usual = [],
        array $choices = [],
    ): SetOutForm {
        return $question->answered($typed, $choices, self::hands(), self::mm(), $usual);
    }

    private static function setTo(SetOutForm $form, string $tool): ?string
    {
        foreach ($form->answer->settings ?? [] as $setting) {
            if ($setting->tool === $tool) {
                return $setting->to;
            }
        }

        return null;
    }

    private static function mm(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    private static function hands(): Hands
    {
        return new Hands([
            new ToolAtHand('1', 'bench-chisel', 'bevel-edge chisel, 6 mm', ['width' => 6]),
            new ToolAtHand('2', 'mortise-chisel', 'mortise chisel, 10 mm', ['width' => 10]),
            new ToolAtHand('3', 'dovetail-saw', 'dovetail saw', ['depth' => 45]),
            new ToolAtHand('4', 'plough-plane', 'plough plane', ['iron' => 6]),
            new ToolAtHand('5', 'moving-fillister', 'moving fillister', ['iron' => 38]),
            new ToolAtHand('6', 'auger-bits', 'set of auger bits', ['leadPitch' => 1.5]),
        ], new School());
    }
}
