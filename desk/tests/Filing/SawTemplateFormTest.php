<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Filing;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Filing\SawTemplateForm;
use JackRest\Desk\Filing\SawTemplatePrint;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Tile;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A template for new teeth, from what is typed to the lines on paper. */
final class SawTemplateFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(array $typed = []): SawTemplateForm
    {
        return SawTemplateForm::of($typed + ['tpi' => '10', 'length' => '254'], self::format());
    }

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    public function test_it_says_what_will_be_printed(): void
    {
        self::assertSame('101 tips, 2.54 mm apart, on 2 sheets to be joined.', self::form()->says(self::format()));
        self::assertSame(
            '41 tips, 2.54 mm apart, on one sheet.',
            self::form(['length' => '101.6'])->says(self::format()),
        );
        self::assertStringContainsString(
            '1.27 mm to 2.54 mm apart',
            (string) self::form(['toe' => '20', 'toeLength' => '40'])->says(self::format()),
        );
        self::assertNull(self::form(['tpi' => ''])->says(self::format()));
    }

    /** A line at every tip: a hundred pitches of 2.54 are 254.0 mm; every tenth is longer and numbered. */
    public function test_a_line_stands_at_every_tip(): void
    {
        $template = self::form()->template;
        self::assertNotNull($template);
        $marks = SawTemplatePrint::whole('saw', $template, null, self::format())->marks;
        $tips = array_values(
            array_filter($marks, static fn (Mark $mark): bool => $mark instanceof Line && $mark->widthMm === 0.1),
        );
        self::assertCount(101, $tips);
        self::assertEqualsWithDelta(254.0, $tips[100]->fromY - $tips[0]->fromY, 1e-9);
        self::assertEqualsWithDelta(
            [36.0, 20.0],
            [$tips[10]->toX - $tips[10]->fromX, $tips[11]->toX - $tips[11]->fromX],
            1e-9,
        );
        $numbers = array_filter(
            $marks,
            static fn (Mark $mark): bool => $mark instanceof Text && is_numeric($mark->says),
        );
        self::assertCount(11, $numbers);
    }

    /** A saw of 650 mm goes over three sheets of 255 mm. */
    public function test_long_saws_take_several_sheets(): void
    {
        $template = self::form(['length' => '650'])->template;
        self::assertNotNull($template);
        self::assertSame(
            ['A1', 'B1', 'C1'],
            array_map(
                static fn (Tile $tile): string => $tile->name,
                SawTemplatePrint::tiles('saw', $template, null, self::format()),
            ),
        );
    }

    public function test_relaxed_teeth_are_marked_off(): void
    {
        $form = self::form(['toeRake' => '15', 'toeLength' => '40']);
        self::assertSame([40.0, 15.0], $form->relaxed());
        self::assertNotNull($form->template);
        $words = array_map(
            static fn (Mark $mark): string => $mark instanceof Text ? $mark->says : '',
            SawTemplatePrint::whole('saw', $form->template, $form->relaxed(), self::format())->marks,
        );
        self::assertContains('up to here 15° of rake', $words);
        self::assertNull(self::form()->relaxed());
    }

    /** @param  array<string, string>  $typed */
    #[TestWith(['tpi', ['tpi' => '50'], 'between 2 and 40'])]
    #[TestWith(['length', ['length' => '1600'], 'print it in parts'])]
    #[TestWith(['toeLength', ['toe' => '14'], 'say how far from the toe'])]
    #[TestWith(['toeLength', ['toe' => '14', 'toeLength' => '300'], 'at most as long'])]
    #[TestWith(['toe', ['graded' => 'yes'], 'pitch at the toe'])]
    #[TestWith(['toeLength', ['toeRake' => '15'], 'relaxed'])]
    #[TestWith(['toeRake', ['toeRake' => '60', 'toeLength' => '30'], 'Rake lies between'])]
    public function test_what_cannot_be_is_refused_beside_its_field(string $field, array $typed, string $part): void
    {
        self::assertStringContainsStringIgnoringCase(
            $part,
            (string) self::form($typed)->form->readings[$field]->error,
        );
    }
}
