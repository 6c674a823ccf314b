<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Edge;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\GeometryLine;
use JackRest\Core\Edge\Steel;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Edge\GeometryFields;
use JackRest\Desk\Edge\GeometryForm;
use JackRest\Desk\Edge\GeometryWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Figures typed on an edge's page, and what they are said to make together. */
final class GeometryFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(array $typed = [], ?Blade $blade = null, bool $up = false): GeometryForm
    {
        $blade ??= new Blade(50, 2.5, 25, 30, 0.6, 2, EdgeKind::PlaneIron, EdgeDuty::Smooth, 45.0);

        return GeometryForm::of(
            $blade,
            $typed,
            ['bevelUp' => $up, 'steel' => Steel::Unknown, 'duty' => EdgeDuty::Smooth],
            null,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /** @param  array<string, string>  $typed */
    private static function next(array $typed = [], ?Blade $blade = null, bool $up = false): string
    {
        $form = self::form($typed, $blade, $up);
        self::assertNotNull($form->geometry, (string) $form->objection);

        return (new GeometryWords($form->geometry, $form->format))->next()->says;
    }

    /** @param  array<string, string>  $typed */
    private static function line(string $label, array $typed, ?Blade $blade = null): string
    {
        $form = self::form($typed, $blade);
        self::assertNotNull($form->geometry);
        $lines = array_column(
            array_map(
                static fn (GeometryLine $line): array => [$line->label, $line->text.' '.$line->says],
                (new GeometryWords($form->geometry, $form->format))->lines(),
            ),
            1,
            0,
        );

        return $lines[$label] ?? self::fail("There is no line “{$label}”.");
    }

    public function test_nothing_typed_is_the_record(): void
    {
        self::assertTrue(self::form()->isSound());
        self::assertSame('It cuts at 45°, with 15° of clearance.', self::next());
    }

    /** 2.5 mm thick and 5 mm along the bevel: sin 30° is a half. */
    public function test_the_bevel_as_measured_gives_its_angle(): void
    {
        self::assertEqualsWithDelta(
            30.0,
            self::form(['bevelLength' => '5', 'honed' => '33'])->blade->primaryDeg,
            1e-9,
        );
    }

    /** @param  array<string, string>  $typed */
    #[TestWith([['honed' => '46'], 'It cannot cut: the heel rubs.'])]
    #[TestWith([['honed' => '40'], 'It cuts, but not for long.'])]
    #[TestWith([['nick' => '0.5'], 'Grind this nick out.'])]
    #[TestWith([['microWidth' => '2'], 'Back to the grinder before the next honing.'])]
    public function test_the_next_stroke_follows_the_figures(array $typed, string $says): void
    {
        self::assertSame($says, self::next($typed));
    }

    /** Bevel up on a bed of 12°: 12 + 38 = 50°, and the bed is the clearance. */
    public function test_bevel_up_bed_and_bevel_add_up(): void
    {
        self::assertSame(
            'It cuts at 50°, with 12° of clearance.',
            self::next(['honed' => '38', 'bed' => '12'], up: true),
        );
    }

    /** asin(0.5/30) = 0.955°: a thin rule half a millimetre thick, lying 30 mm behind the edge. */
    public function test_a_thin_rule_makes_a_back_bevel(): void
    {
        $form = self::form(['shim' => '0.5', 'reach' => '30']);
        self::assertEqualsWithDelta(0.95495, $form->blade->backBevelDeg, 1e-4);
        self::assertSame(0.0, self::form(['shim' => '0.5'])->blade->backBevelDeg, 'half of it says nothing');
    }

    /** By hand: a relief of 0.1 mm at 45° is a sag of 0.1414; (25² + 0.1414²)/0.2828 = 2209.8 mm. */
    public function test_a_relief_makes_a_curve(): void
    {
        self::assertEqualsWithDelta(2209.8, (float) self::form(['relief' => '0.1'])->blade->radiusMm, 0.2);
        self::assertStringContainsString(
            '0.14 mm on the iron, 0.10 mm in the wood',
            self::line('Curve', ['relief' => '0.1']),
        );
    }

    /** A chord of 5.915 mm on a 150 mm wheel is 0.0584 mm hollow. */
    public function test_a_wheel_makes_a_hollow_and_honing_two_lands(): void
    {
        $flat = new Blade(25, 2.5, 25, 25, 0, 2);
        self::assertStringStartsWith(
            '0.06 mm edge 22.7°, heel 27.3° as ground',
            self::line('Hollow', ['wheel' => '150'], $flat),
        );
        self::assertStringStartsWith('0.00 mm', self::line('Each land', ['wheel' => '150'], $flat));
        self::assertSame(
            'The hollow is gone: back to the wheel.',
            self::next(['wheel' => '150', 'honedOff' => '0.0584'], $flat),
        );
    }

    public function test_a_chisel_has_no_bed_to_be_typed(): void
    {
        $chisel = array_column(GeometryFields::of(new Blade(25, 3, 25, 30, 0.5, 2)), 'name');
        self::assertNotContains('bed', $chisel);
        self::assertNotContains('shim', $chisel, 'a chisel’s back stays flat');
        self::assertSame('The edge is 30°.', self::next([], new Blade(25, 3, 25, 30, 0.5, 2)));
    }

    #[TestWith(['honed', '400', 'An edge is honed between 10° and 80°.'])]
    #[TestWith(['honed', 'steep', ''])]
    #[TestWith(['wheel', '20', 'A wheel is between 30 and 600 mm across.'])]
    #[TestWith(['nick', '6', 'A nick is between 0.001 and 5 mm deep.'])]
    public function test_what_cannot_be_is_said_beside_its_field(string $field, string $text, string $says): void
    {
        $figure = self::form([$field => $text])->form->readings[$field];
        self::assertNotNull($figure->error);
        self::assertStringContainsString($says, $figure->error);
        self::assertFalse(self::form([$field => $text])->isSound());
    }

    public function test_figures_that_do_not_go_together_are_objected_to(): void
    {
        $form = self::form(['honed' => '20']);
        self::assertFalse($form->isSound());
        self::assertTrue($form->objection !== null || $form->form->readings['honed']->error !== null);
    }

    public function test_every_field_has_its_words_and_limits(): void
    {
        foreach (EdgeKind::cases() as $kind) {
            $fields = GeometryFields::of(new Blade(25, 3, 25, 30, 0.5, 2, $kind));
            self::assertContains('bevelLength', array_column($fields, 'name'));
            foreach ($fields as $field) {
                self::assertNotSame('', $field->label);
                self::assertLessThan($field->most, $field->least);
                self::assertStringEndsWith('.', (string) $field->complaint);
            }
        }
    }

    public function test_how_far_a_honing_goes_is_explained_with_the_numbers(): void
    {
        $form = self::form();
        self::assertNotNull($form->geometry);
        $explained = (new GeometryWords($form->geometry, $form->format))->explained();
        self::assertSame('45° + 0° = 45°', $explained[0]->numbers);
        self::assertStringContainsString('0.03 mm a honing', $explained[1]->numbers);
    }
}
