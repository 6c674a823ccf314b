<?php

declare(strict_types=1);

namespace JackRest\Desk\Work;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Measure;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Task;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A work as far as it has been described: its numbers, and the tasks it expands to. */
final readonly class WorkForm
{
    /** Must be less than the board is thick, or they go right through. */
    private const INSIDE = ['rebate' => 'The rebate', 'groove' => 'The groove', 'mortise' => 'The mortise'];

    /**
     * @param  Form  $form  by measure
     * @param  array<string, float>  $measures  read where they were typed, else usual
     * @param  list<Task>  $tasks
     */
    private function __construct(
        public Pattern $pattern,
        public Form $form,
        public array $measures,
        public array $tasks,
    ) {
    }

    /** @param  array<string, string>  $typed  by measure */
    public static function of(Pattern $pattern, array $typed, Hardness $hardness, LengthFormatter $format): self
    {
        $form = Form::of(self::fields($pattern, $format), $typed, $format);
        $measures = [];
        foreach ($pattern->measures as $measure) {
            $measures[$measure->name] = $form->value($measure->name) ?? $measure->usual;
        }
        foreach (self::INSIDE as $name => $called) {
            if (isset($measures[$name], $measures['thickness']) && $measures[$name] >= $measures['thickness']) {
                $form = $form->refused(
                    $name,
                    "$called must be less than the {$format->dimension($measures['thickness'])} of the board.",
                );
                $measures[$name] = min($pattern->measure($name)->usual ?? 1.0, $measures['thickness'] / 2);
            }
        }

        return new self($pattern, $form, $measures, $pattern->tasks($measures, $hardness));
    }

    public function isSound(): bool
    {
        return $this->form->isSound();
    }

    /** @return list<FormField> */
    public static function fields(Pattern $pattern, LengthFormatter $format): array
    {
        return array_map(static function (Measure $measure) use ($format): FormField {
            $quantity = $measure->isLength ? Quantity::Length : Quantity::Count;
            [$least, $most] = [$quantity->amount($measure->least, $format), $quantity->amount($measure->most, $format)];
            $complaint = ucfirst("$measure->label: $least to $most.");

            return new FormField(
                $measure->name,
                $quantity,
                $measure->least,
                $measure->most,
                $measure->label,
                '',
                $complaint,
                $measure->usual,
            );
        }, array_values($pattern->measures));
    }
}
