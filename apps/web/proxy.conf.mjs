export default { '/api': { target: `http://127.0.0.1:${process.env.PORT ?? 4171}` } };
