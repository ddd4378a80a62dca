<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** One small change to one file, as a slip of the hand could make it. */
final readonly class Mutant
{
    public function __construct(
        public string $file,
        public int $line,
        public string $was,
        public string $is,
        private string $before,
        private string $after,
    ) {
    }

    public function source(): string
    {
        return $this->before.$this->is.$this->after;
    }

    public function label(): string
    {
        $one = static fn (string $code): string => trim((string) preg_replace('/\s+/', ' ', $code));

        return "{$this->file}:{$this->line}: `{$one($this->was)}` → `{$one($this->is)}`";
    }

    /**
     * Every mutant of a file: comparisons, arithmetic, logic, figures and flags turned, and statements left out. Figures below
     * a millionth are the noise of arithmetic, not the trade's: they are left alone.
     *
     * @return list<self>
     */
    public static function allOf(string $root, string $file): array
    {
        $tokens = \PhpToken::tokenize((string) file_get_contents("{$root}/{$file}"));
        $mutants = [];
        foreach ($tokens as $at => $token) {
            foreach (self::changed($tokens, $at) as [$until, $is]) {
                $text = static fn (int $from, int $to): string => implode('', array_map(static fn (\PhpToken $one): string => $one->text, array_slice($tokens, $from, $to - $from)));
                $mutants[] = new self($file, $token->line, $text($at, $until), $is, $text(0, $at), $text($until, count($tokens)));
            }
        }

        return $mutants;
    }

    /**
     * @param  list<\PhpToken>  $tokens
     * @return list<array{int, string}> up to which token, and what stands there instead
     */
    private static function changed(array $tokens, int $at): array
    {
        $token = $tokens[$at];
        $turned = [
            '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===', '==' => '!=', '!=' => '==',
            '+' => '-', '-' => '+', '*' => '/', '/' => '*', '&&' => '||', '||' => '&&', 'true' => 'false', 'false' => 'true',
            'min' => 'max', 'max' => 'min', 'ceil' => 'floor', 'floor' => 'ceil', '+=' => '-=', '-=' => '+=',
        ];
        $before = self::neighbour($tokens, $at, -1);
        $after = self::neighbour($tokens, $at, 1);
        $isName = $token->is(T_STRING) && ($before?->is([T_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION]) === true);
        if (isset($turned[$token->text]) && ! $isName && ! $token->is([T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML])
            && ! ($token->is(['+', '-']) && $before?->is(['(', '[', ',', '=', '?', ':', T_RETURN, T_DOUBLE_ARROW]) === true)) {
            return [[$at + 1, $turned[$token->text]]];
        }
        if ($token->is('!')) {
            return [[$at + 1, '']];
        }
        if ($token->is(T_LNUMBER) && $before?->is('=') === true && $tokens[max(0, $at - 2)]->text === 'strict_types') {
            return [];
        }
        if ($token->is(T_LNUMBER)) {
            return [[$at + 1, (string) (1 + (int) str_replace('_', '', $token->text))]];
        }
        if ($token->is(T_DNUMBER) && abs((float) $token->text) >= 1e-6) {
            return [[$at + 1, var_export(1.1 * (float) $token->text, true)]];
        }
        if ($before !== null && $before->is([';', '{', '}']) && ($token->is([T_VARIABLE, T_YIELD, T_CONTINUE, T_BREAK]) || ($token->is(T_STRING) && $after?->is(T_DOUBLE_COLON) === true))) {
            $end = self::endOfStatement($tokens, $at);

            return $end === null ? [] : [[$end, ';']];
        }

        return [];
    }

    /** @param  list<\PhpToken>  $tokens */
    private static function neighbour(array $tokens, int $at, int $step): ?\PhpToken
    {
        for ($at += $step; isset($tokens[$at]); $at += $step) {
            if (! $tokens[$at]->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT])) {
                return $tokens[$at];
            }
        }

        return null;
    }

    /**
     * @param  list<\PhpToken>  $tokens
     * @return int|null past its semicolon; null: it is no statement by itself
     */
    private static function endOfStatement(array $tokens, int $at): ?int
    {
        for ($depth = 0; isset($tokens[$at]); $at++) {
            $depth += $tokens[$at]->is(['(', '[', '{', T_CURLY_OPEN, T_DOLLAR_OPEN_CURLY_BRACES]) ? 1 : ($tokens[$at]->is([')', ']', '}']) ? -1 : 0);
            if ($depth < 0) {
                return null;
            }
            if ($depth === 0 && $tokens[$at]->is(';')) {
                return $at + 1;
            }
        }

        return null;
    }
}
