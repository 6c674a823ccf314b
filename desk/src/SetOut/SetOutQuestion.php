<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\SetOut\Questions\Boring;
use JackRest\Desk\SetOut\Questions\Dovetails;
use JackRest\Desk\SetOut\Questions\Fence;
use JackRest\Desk\SetOut\Questions\Mortise;
use JackRest\Desk\SetOut\Questions\Recess;
use JackRest\Desk\SetOut\Questions\SawCut;
use JackRest\Desk\SetOut\Questions\Shavings;
use JackRest\Desk\SetOut\Questions\Stages;
use JackRest\Desk\SetOut\Questions\Tongue;

/** What is set out, set and cut to a number. A new one is a class in Questions and a case here. */
enum SetOutQuestion: string
{
    case Dovetails = 'dovetails';
    case Mortise = 'mortise';
    case Tongue = 'tongue';
    case Saw = 'saw';
    case Recess = 'recess';
    case Fence = 'fence';
    case Boring = 'boring';
    case Shavings = 'shavings';
    case Stages = 'stages';

    public function label(): string
    {
        return match ($this) {
            self::Dovetails => 'Dovetails',
            self::Mortise => 'Mortise and tenon',
            self::Tongue => 'Tongue and groove',
            self::Saw => 'A saw cut',
            self::Recess => 'Rebate, groove, dado',
            self::Fence => 'Fence and skate',
            self::Boring => 'Boring',
            self::Shavings => 'To a size',
            self::Stages => 'Thickness in stages',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Dovetails => 'Where the lines go, and what dividers and gauges are set to.',
            self::Mortise => 'One gauge setting for both, taken from the chisel.',
            self::Tongue => 'How many boards make the panel, and what is left on either side of the tongue.',
            self::Saw => 'Which of your saws, how many strokes, and where the kerf lies.',
            self::Recess => 'Which plane, which iron, how many passes, where to begin.',
            self::Fence => 'Measured at both ends: is it parallel, and what must move?',
            self::Boring => 'How many turns of the brace to a depth, or through.',
            self::Shavings => 'How many shavings bring it to its size, and when to measure again.',
            self::Stages => 'How far to plane today, and what to leave for the wood to move.',
        };
    }

    public function question(): SetOutAsk
    {
        return match ($this) {
            self::Dovetails => new Dovetails(),
            self::Mortise => new Mortise(),
            self::Tongue => new Tongue(),
            self::Saw => new SawCut(),
            self::Recess => new Recess(),
            self::Fence => new Fence(),
            self::Boring => new Boring(),
            self::Shavings => new Shavings(),
            self::Stages => new Stages(),
        };
    }

    /**
     * @param  array<string, string>  $typed  by field; an empty one stands as it is usual, or is left out
     * @param  array<string, string>  $chosen
     * @param  array<string, float>  $usual  what stands in a field of this work where nothing is typed
     */
    public function answered(
        array $typed,
        array $chosen,
        Hands $hands,
        LengthFormatter $format,
        array $usual = [],
    ): SetOutForm {
        $question = $this->question();
        $fields = $question->fields($hands);
        $form = Form::of($fields, $typed, $format);
        $choices = [];
        foreach ($question->choices($hands) as $choice) {
            $choices[$choice->name] = $choice->chosen($chosen[$choice->name] ?? '');
        }
        if (! $form->isSound()) {
            return new SetOutForm($form, $choices, Advice::correct(self::firstWrong($form)), null);
        }
        $begun = array_map(static fn (FormField $field): ?float => $field->begins, array_column($fields, null, 'name'));
        $values = [...array_filter($begun, is_float(...)), ...$usual, ...$form->given()];
        try {
            $answer = $question->answer(new Typed($values, $choices), $hands, $format);
        } catch (InvalidInput $wrong) {
            return self::refused($wrong, $question, $form, $choices);
        }

        return new SetOutForm($form, $choices, $answer->next, $answer);
    }

    private static function firstWrong(Form $form): string
    {
        $errors = array_map(static fn (Reading $reading): ?string => $reading->error, $form->readings);

        return (string) (array_values(array_filter($errors, is_string(...)))[0] ?? '');
    }

    /** @param  array<string, string>  $choices */
    private static function refused(InvalidInput $wrong, SetOutAsk $question, Form $form, array $choices): SetOutForm
    {
        foreach ($wrong->errors as $error) {
            $field = $question->named()[(string) preg_replace('/\[.*/', '', $error->field)] ?? null;
            $form = $field === null || ! isset($form->readings[$field])
                ? $form
                : $form->refused($field, ucfirst($error->message).'.');
        }

        return new SetOutForm(
            $form,
            $choices,
            new Advice('It cannot be set out so: '.$wrong->errors[0]->message.'.', 'The drawing waits for it.'),
            null,
        );
    }

    /** Whether its drawing is worth having on paper at true size, to prick through. */
    public function isTemplate(): bool
    {
        return $this === self::Dovetails || $this === self::Mortise;
    }
}
