module.exports = {
    plugins: {
        // px become rem (in shorthands with variables, which it leaves, they are written so): everything grows with the text size that a person has set in the browser or the system.
        'postcss-preset-mantine': { autoRem: true },
        'postcss-simple-vars': { variables: { 'mantine-breakpoint-sm': '48em', 'mantine-breakpoint-md': '62em' } },
    },
};
