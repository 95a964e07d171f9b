// A file's address, where a test asks for no more.
export default '/nowhere';
